<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Movement\Variation;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** The head goes in half circles. Source: schools of practice, neck. */
final readonly class NeckInHalves implements Rule
{
    public function name(): string
    {
        return 'neck-in-halves';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            if ($subject->demand($entry, Demand::NeckCircle) === 0) {
                continue;
            }
            $movement = $subject->movement($entry);
            $gentler = $movement->rungOn($subject->baseOf($entry), $entry->variation, static fn (Variation $rung): bool => $subject->demand($entry, Demand::NeckCircle, $rung) === 0);
            $findings[] = new Finding(
                $this->name() . ":$entry->id",
                Severity::Idea,
                Concern::People,
                $entry->id,
                "{$movement->name()} takes the head all the way round.",
                'The half at the back presses worn joints together; the half in front does all the good.',
                'As teachers hold it: half circles, the full one only as a further choice.',
                $gentler === null ? null : new Remedy("Use {$gentler->name}", $subject->plan->withEntry($entry->withVariation($gentler->id))),
            );
        }

        return $findings;
    }
}
