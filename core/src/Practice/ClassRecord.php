<?php

declare(strict_types=1);

namespace KindChair\Practice;

use KindChair\Body\Side;
use KindChair\Plan\ClassPlan;
use KindChair\Timeline\Timeline;

/**
 * What was really done in a class, against what was planned. Tenths of a second.
 */
final readonly class ClassRecord
{
    /** @param list<array{entry: string, planned: int, actual: int, left: int, right: int}> $entries */
    private function __construct(public array $entries, public int $planned, public int $actual)
    {
    }

    /**
     * @param list<array{entry: string, side: string|null, counts: bool, length: int}> $done stretches really spent, in order
     */
    public static function of(ClassPlan $plan, Timeline $timeline, array $done): self
    {
        $entries = [];
        foreach ($plan->entries() as $entry) {
            $actual = 0;
            $sides = [Side::Left->value => 0, Side::Right->value => 0];
            foreach ($done as $stretch) {
                if ($stretch['entry'] !== $entry->id) {
                    continue;
                }
                $actual += $stretch['length'];
                foreach ($stretch['counts'] ? Side::cases() : [] as $side) {
                    $sides[$side->value] += $stretch['side'] === null || $stretch['side'] === $side->value ? $stretch['length'] : 0;
                }
            }
            $entries[] = [
                'entry' => $entry->id,
                'planned' => $timeline->entryLength($entry->id),
                'actual' => $actual,
                'left' => $sides[Side::Left->value],
                'right' => $sides[Side::Right->value],
            ];
        }

        return new self($entries, $timeline->length(), (int) array_sum(array_column($done, 'length')));
    }
}
