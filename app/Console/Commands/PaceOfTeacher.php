<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\ClassFile;
use App\Planning\ClassPlanner;
use Illuminate\Console\Command;
use JsonException;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;
use KindChair\Practice\Pace;
use KindChair\Practice\TimeSpent;

final class PaceOfTeacher extends Command
{
    protected $signature = 'class:pace {logs* : log files: a plan, and what was done of it}';

    protected $description = 'Print the pace of a teacher from classes that she led at her own time';

    public function handle(ClassPlanner $planner, ClassFile $file): int
    {
        $spent = [];
        /** @var list<string> $logs */
        $logs = $this->argument('logs');
        foreach ($logs as $log) {
            try {
                $text = is_file($log) ? (string) file_get_contents($log) : throw FormatError::at($log, 'there is no file to read here.');
                $node = Node::root(json_decode($text, true, 64, JSON_THROW_ON_ERROR));
                $document = $file->read(json_encode($node->at('plan')->object(), JSON_THROW_ON_ERROR));
                $with = $planner->with($document);
                $plan = $with->read($document);
                $group = isset($document['group']) ? (new GroupReader($planner->craft->precautions))->read($document['group'], '/plan/group') : $planner->group(null);
                $done = array_map(static fn (Node $one): array => [
                    'entry' => $one->at('entry')->string(),
                    'kind' => $one->at('kind')->string(),
                    'own' => $one->maybe('own')?->bool() ?? true,
                    'length' => $one->at('seconds')->tenths(),
                ], $node->at('done')->items());
            } catch (FormatError|JsonException $problem) {
                $this->getOutput()->getErrorStyle()->writeln("$log: {$problem->getMessage()}");

                return 2;
            }
            array_push($spent, ...TimeSpent::ofClass($plan, $with->timeline($plan, $group), $with->craft->library, $done));
        }
        $pace = Pace::from($spent);
        $this->line(json_encode(['factors' => $pace->factors, 'spreads' => $pace->spreads, 'movements' => $pace->counts], JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }
}
