<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Base;
use KindChair\Movement\Variation;
use KindChair\Plan\SittingSchool;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\Listed;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A class on chairs sits as its teacher has chosen. Source: schools of practice, sitting. */
final readonly class SitsAsChosen implements Rule
{
    public function name(): string
    {
        return 'sits-as-chosen';
    }

    public function check(PlanInReview $subject): array
    {
        $school = $subject->plan->settings->sitting;
        $plan = $subject->plan;
        $names = [];
        $first = null;
        foreach ($school === SittingSchool::ByMovement ? [] : $plan->entries() as $entry) {
            $base = $subject->baseOf($entry);
            // Breath and stillness are done as it is easiest.
            if ($base->base() !== Base::Chair || $subject->movement($entry)->regions === [] || !$school->forbids($subject->rung($entry)->position)) {
                continue;
            }
            $names[] = $subject->movement($entry)->name();
            $first ??= $entry->id;
            $rung = $subject->movement($entry)->rungOn($base, $entry->variation, static fn (Variation $one): bool => !$school->forbids($one->position));
            $plan = $rung === null ? $plan : $plan->withEntry($entry->withVariation($rung->id));
        }
        $isSupported = $school === SittingSchool::Supported;

        return $names === [] ? [] : [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Order,
            $first,
            Listed::and($names) . (count($names) === 1 ? ' leaves ' : ' leave ') . ($isSupported ? 'the backrest, and you keep to it.' : 'the open seat for the backrest.'),
            $isSupported ? 'Whoever feels held by the backrest dares more.' : 'Sitting free is a practice of its own; anyone may lean back.',
            'How you teach: ' . ($isSupported ? 'back supported.' : 'away from the backrest.'),
            $plan === $subject->plan ? null : new Remedy('Sit as in the rest of the class', $plan),
        )];
    }
}
