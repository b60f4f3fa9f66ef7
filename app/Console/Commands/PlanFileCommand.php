<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\ClassFile;
use App\Files\Schemas;
use App\Planning\ClassPlanner;
use Illuminate\Console\Command;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Practice\Pace;

/** Reads an open plan file, with its group in it or beside it, and prints what the core answers as JSON. */
abstract class PlanFileCommand extends Command
{
    use ReadsOpenFiles;

    /** @var array<array-key, mixed> what the file holds */
    protected array $document = [];

    final public function handle(ClassPlanner $planner, ClassFile $file, Schemas $schemas): int
    {
        try {
            $document = $file->read($this->contents((string) $this->argument('file')));
            $this->document = $document;
            $groupFile = $this->option('group');
            $people = match (true) {
                is_string($groupFile) => $this->groupIn($groupFile, $planner, $schemas),
                isset($document['group']) => (new GroupReader($planner->craft->precautions))->read($document['group'], '/group'),
                default => Group::nobody(),
            };
            $planner = $planner->with($document);
            $answer = $this->answer($planner, $planner->read($document), $people);
        } catch (FormatError|JsonException $problem) {
            $this->getOutput()->getErrorStyle()->writeln($problem->getMessage());

            return 2;
        }
        $this->print($answer);

        return self::SUCCESS;
    }

    /** @throws FormatError when the file tells of no pace */
    final protected function paceOf(mixed $file): ?Pace
    {
        if (!is_string($file)) {
            return null;
        }
        $node = Node::root(json_decode($this->contents($file), true, 64, JSON_THROW_ON_ERROR));

        return Pace::ofFactors(array_map(static fn (Node $factor): float => $factor->number(), $node->at('factors')->members()));
    }

    /** @return array<string, mixed> */
    abstract protected function answer(ClassPlanner $planner, ClassPlan $plan, Group $group): array;
}
