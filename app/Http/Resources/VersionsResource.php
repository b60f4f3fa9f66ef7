<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PlanRevision;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use KindChair\Plan\Entry;
use KindChair\Review\TimeWords;
use KindChair\Script\DoseWords;

/** The stored versions of a class (schema/answer-versions.schema.json), and one of them to be looked at (schema/answer-version.schema.json). */
final readonly class VersionsResource
{
    /** More nobody looks through. */
    private const MOST = 60;

    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public static function all(SeatedClass $class): array
    {
        $parents = $class->revisions()->pluck('parent', 'number')->all();
        $line = self::line($parents, $class->revision);
        $versions = [];
        foreach ($class->revisions()->orderByDesc('number')->limit(self::MOST)->get() as $revision) {
            $versions[] = [
                'number' => $revision->number,
                'savedAt' => $revision->created_at?->toIso8601String(),
                'title' => (string) ($revision->document['title'] ?? $class->title),
                'movements' => array_sum(array_map(static fn (array $section): int => count($section['entries'] ?? []), $revision->document['sections'] ?? [])),
                'isSetAside' => !isset($line[$revision->number]) && !isset(self::line($parents, $revision->number)[$class->revision]),
            ];
        }

        return ['current' => $class->revision, 'versions' => $versions];
    }

    /**
     * @param array<array-key, mixed> $parents by number
     * @return array<int, true> a version and all it was made from
     */
    private static function line(array $parents, int $from): array
    {
        $line = [];
        for ($at = $from; is_int($at) && !isset($line[$at]); $at = $parents[$at] ?? null) {
            $line[$at] = true;
        }

        return $line;
    }

    /** @return array<string, mixed> */
    public function one(SeatedClass $class, PlanRevision $revision): array
    {
        $plan = $this->planner->read($revision->document);
        $timeline = $this->planner->timeline($plan, $this->planner->peopleOf($class));
        $how = function (Entry $entry) use ($timeline): string {
            $movement = $this->planner->movement($entry->movement);

            return "{$movement->variation($entry->variation)->name}, " . DoseWords::of($movement, $entry, $timeline->passesOf($entry->id));
        };

        return [
            'number' => $revision->number,
            'savedAt' => $revision->created_at?->toIso8601String(),
            'planned' => TimeWords::seconds($timeline->length()),
            'sections' => array_map(fn ($section): array => [
                'id' => $section->id,
                'name' => $section->kind->plainName(),
                'entries' => array_map(fn (Entry $entry): array => [
                    'id' => $entry->id,
                    'name' => $this->planner->movement($entry->movement)->name(),
                    'how' => $how($entry),
                ], $section->entries),
            ], $plan->sections),
        ];
    }
}
