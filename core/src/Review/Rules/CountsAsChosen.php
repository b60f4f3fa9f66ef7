<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\DoseUnit;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Timeline\SchoolDoses;

/** Everything is counted in what the teacher counts in. Source: schools of practice, dose. */
final readonly class CountsAsChosen implements Rule
{
    public function name(): string
    {
        return 'counts-as-chosen';
    }

    public function check(PlanInReview $subject): array
    {
        $unit = $subject->plan->settings->counts;
        if ($unit === null) {
            return [];
        }
        $plan = $subject->plan;
        $other = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $dose = SchoolDoses::counted($entry->dose, $subject->movement($entry), $unit, $plan->patternFor($section, $entry));
                if ($dose !== null && $entry->except === [] && $entry->group === null) {
                    $other[] = $entry;
                    $plan = $plan->withEntry($entry->withDose($dose));
                }
            }
        }
        if ($other === []) {
            return [];
        }
        $isOne = count($other) === 1;

        return [new Finding(
            $this->name(),
            Severity::Idea,
            Concern::Time,
            $other[0]->id,
            ($isOne ? "{$subject->movement($other[0])->name()} is" : count($other) . ' movements are') . " not counted in {$unit->value}, as you count.",
            'One way of counting is one thing less to think of while you lead.',
            'How you teach: counted in ' . $unit->value . '.',
            new Remedy($unit === DoseUnit::Seconds ? 'Give them seconds, as long as now' : "Count in $unit->value, as long as now", $plan),
        )];
    }
}
