<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Schemas;
use App\Http\Resources\DemandResource;
use App\Library\TeacherCraft;
use Illuminate\Console\Command;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Review\MovementReview;

/** Tells an author what a movement asks, whom it excludes and what is wrong with it. */
final class CheckMovement extends Command
{
    protected $signature = 'movement:check {files* : movements in their open form}';

    protected $description = 'What a movement asks, whom it excludes, and what is wrong with it';

    public function handle(Schemas $schemas, TeacherCraft $teacherCraft): int
    {
        $craft = $teacherCraft->shipped();
        $review = MovementReview::withAllRules($craft->ranges, $craft->patterns, $craft->precautions, $craft->demands);
        $isSound = true;
        /** @var list<string> $files */
        $files = $this->argument('files');
        foreach ($files as $file) {
            try {
                $text = is_file($file) ? (string) file_get_contents($file) : throw FormatError::at($file, 'there is no file to read here.');
                $document = json_decode($text, false, 64, JSON_THROW_ON_ERROR);
                $schemas->check('movement', (array) $document);
                $movement = MovementReader::read(Node::root(json_decode($text, true)), $craft->ranges);
            } catch (FormatError|JsonException $refused) {
                $this->components->error("$file: {$refused->getMessage()}");
                $isSound = false;
                continue;
            }
            $this->components->info("{$movement->name()} ($movement->id)");
            foreach ($movement->variations as $variation) {
                $this->line("  <options=bold>$variation->level $variation->name</>");
                foreach (DemandResource::of($craft, $movement, $variation) as $ask) {
                    $this->line('    ' . trim("{$ask['name']} {$ask['measure']}") . ($ask['notFor'] === [] ? '' : '   not for: ' . implode(', ', $ask['notFor'])));
                }
            }
            $problems = $review->of($movement);
            foreach ($problems as $problem) {
                $this->components->warn("$problem->place: $problem->says");
            }
            $this->line($problems === [] ? '  Nothing is wrong with it.' : '  ' . count($problems) . ' to settle.');
            $isSound = $isSound && $problems === [];
        }

        return $isSound ? self::SUCCESS : self::FAILURE;
    }
}
