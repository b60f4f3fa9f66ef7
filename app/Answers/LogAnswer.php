<?php

declare(strict_types=1);

namespace App\Answers;

use App\Craft\ClassDesk;
use App\Models\LedClass;
use KindChair\Practice\ClassRecord;

/** What was done in a class against what was planned (schema/answer-log.schema.json). */
final readonly class LogAnswer
{
    public function __construct(private ClassDesk $desk)
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
            'attendance' => (object) ($led->attendance ?? []),
        ];
    }

    /** @return array<string, mixed> */
    public function of(LedClass $led): array
    {
        $class = $led->seatedClass;
        $plan = $this->desk->read($class->plan($led->revision)->document);
        $group = $this->desk->group($class->group);
        $record = ClassRecord::of($plan, $this->desk->timeline($plan, $group->paceFactor()), $led->done ?? []);
        $names = [];
        foreach ($plan->entries() as $entry) {
            $names[$entry->id] = $this->desk->movement($entry->movement);
        }

        return [
            ...self::row($led),
            'class' => ClassAnswer::of($class),
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
            'people' => array_map(static fn ($person): array => ['id' => $person->id, 'name' => $person->name], $group->people),
        ];
    }
}
