<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/**
 * Where nobody is noted yet, what stands or crosses the legs has another way on its ladder. Where people are noted, each has a version of
 * their own. Source: sequencing rule 12.
 */
final readonly class AlternativeReady implements Rule
{
    private const ASKS = [Demand::Standing, Demand::LegsCrossed];

    public function name(): string
    {
        return 'alternative-ready';
    }

    public function check(PlanInReview $subject): array
    {
        $plan = $subject->plan;
        $names = [];
        $first = $asked = null;
        foreach ($subject->group->people === [] ? $plan->entries() : [] as $entry) {
            $demand = $this->withoutOther($subject, $entry);
            if ($demand === null) {
                continue;
            }
            $names[] = $subject->movement($entry)->name();
            $first ??= $entry->id;
            $asked ??= $demand;
            $other = $this->instead($subject, $entry);
            $plan = $other === null ? $plan : $plan->withEntry($other);
        }

        return $asked === null ? [] : [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::People,
            $first,
            'There is no other way ready for ' . Listed::and($names) . (count($names) === 1 ? ', which asks' : ', which ask') . " for {$asked->plainName()}.",
            'Nobody is noted for this class yet, and somebody will not do it.',
            'As teachers hold it: an alternative stands ready for everyone.',
            $plan === $subject->plan ? null : new Remedy('Take what has another way', $plan),
        )];
    }

    /** What an entry asks that no rung of its movement goes without; null where one does. */
    private function withoutOther(PlanInReview $subject, Entry $entry): ?Demand
    {
        $movement = $subject->movement($entry);
        foreach (self::ASKS as $demand) {
            $isAsked = $demand->isFelt($subject->demand($entry, $demand));
            if ($isAsked && array_filter($movement->variations, fn (Variation $rung): bool => !$this->does($subject, $entry, $movement, $rung, $demand)) === []) {
                return $demand;
            }
        }

        return null;
    }

    /** A substitute that does not ask for it, in the same place. */
    private function instead(PlanInReview $subject, Entry $entry): ?Entry
    {
        $there = array_map(static fn (Entry $one): string => $one->movement, $subject->plan->entries());
        foreach ($entry->group === null && !$entry->goesOn ? array_diff($subject->movement($entry)->substitutes, $there) : [] as $id) {
            $new = $subject->newEntry($id, $subject->plan->sectionOf($entry));
            $asks = $new === null ? [] : array_filter(self::ASKS, fn (Demand $demand): bool => $this->does($subject, $entry, $subject->movement($new), $subject->rung($new), $demand));
            if ($new !== null && $asks === []) {
                return $entry->withMovement($new->movement, $new->variation, $new->dose);
            }
        }

        return null;
    }

    private function does(PlanInReview $subject, Entry $entry, Movement $movement, Variation $rung, Demand $demand): bool
    {
        return $demand->isFelt($subject->asks($movement, $rung, $subject->baseOf($entry), $demand));
    }
}
