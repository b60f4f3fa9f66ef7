<?php

declare(strict_types=1);

namespace KindChair\Practice;

use KindChair\Movement\MovementLibrary;
use KindChair\Plan\ClassPlan;
use KindChair\Timeline\BeatKind;
use KindChair\Timeline\Timeline;

/** What one movement of a class took of one kind of time, beside what the book says. Tenths of a second. */
final readonly class TimeSpent
{
    public function __construct(public TimeKind $kind, public int $book, public int $took)
    {
    }

    /**
     * What a class says about a teacher's pace: of each entry and kind of time, as far as she kept the time herself and did it all.
     *
     * @param list<array{entry: string, kind: string|null, own: bool, length: int}> $done
     * @return list<self>
     */
    public static function ofClass(ClassPlan $plan, Timeline $timeline, MovementLibrary $library, array $done): array
    {
        $took = $clocked = [];
        foreach ($done as $stretch) {
            $beat = BeatKind::tryFrom($stretch['kind'] ?? '');
            if ($beat === null || !$plan->has($stretch['entry'])) {
                continue;
            }
            $kind = TimeKind::of($beat, $library->get($plan->entry($stretch['entry'])->movement));
            if ($kind === null) {
                continue;
            }
            if ($stretch['own']) {
                $took[$stretch['entry']][$kind->value] = ($took[$stretch['entry']][$kind->value] ?? 0) + $stretch['length'];
            } else {
                $clocked[$stretch['entry']][$kind->value] = true;
            }
        }
        $spent = [];
        foreach (self::book($timeline, $library, $plan) as $entry => $kinds) {
            foreach ($kinds as $kind => $book) {
                // What was partly led by the clock says nothing about her.
                if (isset($took[$entry][$kind]) && !isset($clocked[$entry][$kind]) && $book > 0) {
                    $spent[] = new self(TimeKind::from($kind), $book, $took[$entry][$kind]);
                }
            }
        }

        return $spent;
    }

    /** @return array<string, array<string, int>> tenths of a second by entry, then TimeKind value */
    public static function book(Timeline $timeline, MovementLibrary $library, ClassPlan $plan): array
    {
        $book = $movements = [];
        foreach ($timeline->beats() as $beat) {
            $kind = TimeKind::of($beat->kind, $movements[$beat->entryId] ??= $library->get($plan->entry($beat->entryId)->movement));
            if ($kind !== null) {
                $book[$beat->entryId][$kind->value] = ($book[$beat->entryId][$kind->value] ?? 0) + $beat->length;
            }
        }

        return $book;
    }
}
