<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A class of half an hour has a drink of water in it. Source: sequencing rule 9. */
final readonly class WaterOnce implements Rule
{
    /** Tenths of a second. Source: planning default: once in twenty minutes of a longer class. */
    private const FROM = 18000;
    private const WATER = 'water-break';

    public function name(): string
    {
        return 'water-once';
    }

    public function check(PlanInReview $subject): array
    {
        $has = array_filter($subject->plan->entries(), static fn (Entry $entry): bool => $entry->movement === self::WATER);
        $main = $subject->plan->first(SectionKind::HeadToToe);
        if ($has !== [] || $main === null || $subject->timeline->length() < self::FROM) {
            return [];
        }
        $water = $subject->newEntry(self::WATER, $main);

        return [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::People,
            null,
            'There is no drink of water in ' . intdiv($subject->timeline->length(), 600) . ' minutes.',
            'Older people feel thirst late; a sip in the middle is also a rest.',
            'As teachers hold it: water once in twenty minutes.',
            $water === null ? null : new Remedy('Drink in the middle', $subject->plan->withSection($main->withAt(intdiv(count($main->entries), 2), $water))),
        )];
    }
}
