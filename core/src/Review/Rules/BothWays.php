<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Review\Finding;
use KindChair\Review\Ledger;
use KindChair\Review\PlanInReview;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A circle goes both ways round, and each limb lies on top once. Source: sequencing rule 11. */
final readonly class BothWays implements Rule
{
    public function name(): string
    {
        return 'both-ways';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            if ($entry->onPurpose !== null) {
                continue;
            }
            $name = $subject->movement($entry)->name();
            $ledger = $subject->ledgers[$entry->id];
            foreach (Ledger::short(...$ledger->directions) as $way => $tally) {
                $findings[] = $this->finding(
                    $subject,
                    $entry->id,
                    $way,
                    $tally->isMissing() ? "$name goes only one way round." : "$name goes less $way than the other way.",
                    "Add the way $way",
                );
            }
            foreach (Ledger::short(...$ledger->crossings) as $way => $tally) {
                $findings[] = $this->finding(
                    $subject,
                    $entry->id,
                    $way,
                    $tally->isMissing() ? "$name never has the $way on top." : "$name has the $way on top for less time.",
                    "Add the $way on top",
                );
            }
        }

        return $findings;
    }

    private function finding(PlanInReview $subject, string $entryId, string $way, string $says, string $label): Finding
    {
        return new Finding(
            $this->name() . ":$entryId:$way",
            Severity::Sides,
            $entryId,
            $says,
            'The way we do less often is the one that is worth most.',
            'Sequencing rule 11: circles and crossings go both ways.',
            EvenWays::remedy($label, $subject->plan, $subject->plan->entry($entryId)),
        );
    }
}
