<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\DoseUnit;
use KindChair\Movement\SideUse;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** What goes from side to side has an even number. Source: sequencing rule 14. */
final readonly class AlternatesEvenly implements Rule
{
    public function name(): string
    {
        return 'alternates-evenly';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            $isOdd = $entry->dose->unit === DoseUnit::Breaths && $entry->dose->from === null && $entry->dose->amount % 2 === 1;
            if ($isOdd && $entry->dose->amount > 1 && $entry->except === [] && $subject->movement($entry)->laterality->sides === SideUse::Alternating) {
                $findings[] = new Finding(
                    $this->name() . ":$entry->id",
                    Severity::Slip,
                    Concern::Sides,
                    $entry->id,
                    "{$entry->dose->inWords()} do not come out even in {$subject->movement($entry)->name()}.",
                    'Whoever counts along ends on one side and wonders.',
                    'As teachers hold it: what alternates has an even number.',
                    new Remedy('Make it ' . ($entry->dose->amount + 1), $subject->plan->withEntry($entry->withDose($entry->dose->of($entry->dose->amount + 1)))),
                );
            }
        }

        return $findings;
    }
}
