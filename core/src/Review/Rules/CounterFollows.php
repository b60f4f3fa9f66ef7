<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Movement\MovementKind;
use KindChair\Movement\SpineDirections;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** After a strong opening the back is rounded. Source: sequencing rule 5. */
final readonly class CounterFollows implements Rule
{
    /** Degrees of arching from which a hold wants its counter-movement. Source: planning default. */
    private const FROM = 12;

    /** Entries within which it comes. */
    private const WITHIN = 2;

    public function name(): string
    {
        return 'counter-follows';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        $entries = $subject->plan->entries();
        foreach ($entries as $at => $entry) {
            $movement = $subject->movement($entry);
            if ($movement->kind !== MovementKind::Hold || $movement->counters === [] || $subject->demand($entry, Demand::Arch) < self::FROM) {
                continue;
            }
            $next = array_slice($entries, $at + 1, self::WITHIN);
            $isCountered = array_filter($next, static fn (Entry $one): bool => in_array($one->movement, $movement->counters, true) || in_array('fold', SpineDirections::of($subject->rung($one)), true)) !== [];
            if (!$isCountered) {
                $section = $subject->plan->sectionOf($entry);
                $counter = $subject->newEntry($movement->counters[0], $section);
                $findings[] = new Finding(
                    $this->name() . ":$entry->id",
                    Severity::Idea,
                    Concern::Order,
                    $entry->id,
                    "Nothing rounds the back after {$movement->name()}.",
                    'What was opened strongly likes to be closed softly.',
                    'As teachers hold it: a strong movement, then its counter-movement.',
                    $counter === null ? null : new Remedy("{$subject->library->get($counter->movement)->name()} after it", $subject->plan->withSection($section->withAt((int) array_search($entry, $section->entries, true) + 1, $counter))),
                );
            }
        }

        return $findings;
    }
}
