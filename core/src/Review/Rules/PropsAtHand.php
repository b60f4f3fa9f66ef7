<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** What a movement is planned with is there. Source: the kit of the place. */
final readonly class PropsAtHand implements Rule
{
    public function name(): string
    {
        return 'props-at-hand';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        $kit = $subject->kit;
        if ($kit === null) {
            return [];
        }
        foreach ($subject->plan->entries() as $entry) {
            $missing = array_values(array_diff($subject->rung($entry)->props, $kit));
            if ($missing !== []) {
                $prop = $subject->changeOvers->prop($missing[0]);
                $findings[] = new Finding(
                    $this->name() . ":$entry->id",
                    Severity::Slip,
                    Concern::People,
                    $entry->id,
                    "{$subject->movement($entry)->name()} is planned with " . mb_strtolower($prop->name ?? $missing[0]) . ', and this place has none.',
                    ($prop->standIns ?? []) === [] ? 'Bring it, or do without.' : 'Bring it, take ' . mb_strtolower($prop->standIns[0] ?? '') . ' instead, or do without.',
                    'The kit noted for this place.',
                    $this->remedy($subject, $entry, $kit),
                );
            }
        }

        return $findings;
    }

    /** @param list<string> $kit */
    private function remedy(PlanInReview $subject, Entry $entry, array $kit): ?Remedy
    {
        $movement = $subject->movement($entry);
        $isThere = static fn (Variation $rung): bool => array_diff($rung->props, $kit) === [];
        $plain = $movement->withoutProp($subject->rung($entry));
        $rung = $isThere($plain) ? $plain : $movement->rungOn($subject->baseOf($entry), $plain->id, $isThere);

        return $rung === null ? null : new Remedy("Use {$rung->name}", $subject->plan->withEntry($entry->withVariation($rung->id)));
    }
}
