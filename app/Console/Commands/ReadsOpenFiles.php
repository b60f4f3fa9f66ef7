<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Schemas;
use App\Planning\ClassPlanner;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\People\Group;

/** Reads files in the open forms. */
trait ReadsOpenFiles
{
    /** @throws FormatError */
    private function contents(string $path): string
    {
        $contents = is_file($path) ? file_get_contents($path) : false;

        return $contents === false ? throw FormatError::at($path, 'there is no file to read here.') : $contents;
    }

    /** @throws FormatError */
    private function groupIn(string $path, ClassPlanner $planner, Schemas $schemas): Group
    {
        $group = json_decode($this->contents($path), true, 64, JSON_THROW_ON_ERROR);
        $schemas->check('group', $group);

        return (new GroupReader($planner->craft->precautions))->read($group, '/group');
    }

    private function print(mixed $answer): void
    {
        $this->line(json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
    }
}
