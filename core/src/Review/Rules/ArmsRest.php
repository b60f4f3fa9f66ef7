<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Demand\Demand;
use KindChair\Fit\Unbroken;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** Arms that were up for half a minute without a break rest for half of that time. Source: doses, arms at or above shoulder height. */
final readonly class ArmsRest implements Rule
{
    /** Tenths of a second. Source: planning default. */
    private const MOST = 300;

    public function name(): string
    {
        return 'arms-rest';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        $before = null;
        $up = 0;
        foreach ($subject->plan->entries() as $entry) {
            $own = $this->keptUp($subject, $entry);
            $goesOn = $before !== null && $up > 0 && $own > 0 && ($before->rest ?? 0) < intdiv($up, 2);
            if ($goesOn && $up + $own > self::MOST && $before->group === null) {
                $rest = (int) ceil($up / 20) * 10;
                $findings[] = new Finding(
                    $this->name() . ":$before->id",
                    Severity::Slip,
                    Concern::People,
                    $entry->id,
                    "The arms stay up from {$subject->movement($before)->name()} into {$subject->movement($entry)->name()}.",
                    'Arms kept up tire shoulders and heart; half as long a rest lets them go on.',
                    'Planning default: 30 seconds, then half of that down.',
                    new Remedy('Rest the arms between them', $subject->plan->withEntry($before->withRest(max($rest, 50)))),
                );
            }
            $up = $goesOn ? $up + $own : $own;
            $before = $entry;
        }

        return $findings;
    }

    /** Tenths of a second of the longest time for which an entry keeps the arms up. */
    private function keptUp(PlanInReview $subject, Entry $entry): int
    {
        $steps = $subject->stepsOf($entry, Demand::ArmsKeptUp);

        return $steps === [] ? 0 : Unbroken::longest($steps, $subject->timeline->passesOf($entry->id));
    }
}
