<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LedClass;
use App\Planning\ClassPlanner;
use KindChair\Practice\ClassRecord;

/** What was done in a class against what was planned (schema/answer-log.schema.json). */
final readonly class LogResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public static function row(LedClass $led): array
    {
        return [
            'id' => $led->id,
            'startedAt' => $led->started_at->toIso8601String(),
            'endedAt' => $led->ended_at?->toIso8601String(),
            'note' => $led->note ?? '',
            'attendance' => (object) $led->attendances->whereNotNull('participant_id')->pluck('came', 'participant_id')->all(),
            'came' => $led->attendances->where('came', true)->count(),
        ];
    }

    /** @return array<string, mixed> */
    public function of(LedClass $led): array
    {
        $class = $led->seatedClass;
        $plan = $this->planner->read($class->plan($led->revision)->document);
        $group = $this->planner->group($class->group);
        $record = ClassRecord::of($plan, $this->planner->timeline($plan, $group), $led->done());
        $names = [];
        foreach ($plan->entries() as $entry) {
            $names[$entry->id] = $this->planner->movement($entry->movement);
        }

        return [
            ...self::row($led),
            'class' => ClassResource::of($class),
            'slot' => $plan->slotMinutes * 60,
            'planned' => $record->planned / 10,
            'actual' => $record->actual / 10,
            'entries' => array_map(static fn (array $row): array => [
                'entry' => $row['entry'],
                'name' => $names[$row['entry']]->name(),
                'zone' => $names[$row['entry']]->mainRegion()?->zone()->value,
                'isSided' => $names[$row['entry']]->laterality->isSided(),
                'planned' => $row['planned'] / 10,
                'actual' => $row['actual'] / 10,
                'left' => $row['left'] / 10,
                'right' => $row['right'] / 10,
            ], $record->entries),
            'people' => self::people($led),
        ];
    }

    /** @return list<array{id: int, name: string}> who is in the group, and whoever was noted then and has left it since */
    private static function people(LedClass $led): array
    {
        $people = $led->seatedClass->group?->people->pluck('name', 'id')->all() ?? [];
        foreach ($led->attendances as $one) {
            if ($one->participant !== null) {
                $people[$one->participant->id] = $one->participant->name;
            }
        }
        asort($people, SORT_NATURAL | SORT_FLAG_CASE);

        return array_map(static fn (int $id, string $name): array => ['id' => $id, 'name' => $name], array_keys($people), $people);
    }
}
