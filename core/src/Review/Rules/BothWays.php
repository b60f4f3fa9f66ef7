<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;
use KindChair\Plan\SetChange;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
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
            if ($entry->onPurpose !== null || $entry->isInterlude) {
                continue;
            }
            $name = $subject->movement($entry)->name();
            $ledger = $subject->ledgers[$entry->id];
            foreach ($ledger->limbs as $limb => $directions) {
                foreach ($ledger->short($directions) as $way => $tally) {
                    $where = $limb === 'both' ? '' : " on the $limb";
                    $findings[] = $this->finding(
                        $subject,
                        $entry->id,
                        $limb === 'both' ? $way : "$limb $way",
                        $tally->isMissing() ? "$name goes only one way round$where." : "$name goes fewer times $way$where than back.",
                        "Add the way $way$where",
                    );
                }
            }
            foreach ($ledger->short($ledger->crossings) as $way => $tally) {
                $findings[] = $this->finding(
                    $subject,
                    $entry->id,
                    $way,
                    $tally->isMissing() ? "$name never has the $way on top." : "$name has the $way on top for less time.",
                    "Add the $way on top",
                    true,
                );
            }
        }

        return $findings;
    }

    private function finding(PlanInReview $subject, string $entryId, string $way, string $says, string $label, bool $isCrossing = false): Finding
    {
        return new Finding(
            $this->name() . ":$entryId:$way",
            Severity::Slip,
            Concern::Sides,
            $entryId,
            $says,
            'The way we do less often is the one that is worth most.',
            'As teachers hold it: circles and crossings go both ways.',
            self::remedy($label, $subject, $subject->plan->entry($entryId), $isCrossing),
        );
    }

    /** A set that changes its crossing each time comes out even when it is done an even number of times. */
    private static function remedy(string $label, PlanInReview $subject, Entry $entry, bool $isCrossing): Remedy
    {
        $section = $subject->plan->sectionOf($entry);
        $group = $section->groupOf($entry);
        if ($isCrossing && $group?->kind === GroupKind::Set && $group->changes === SetChange::Crossing && $group->times % 2 === 1) {
            $even = EvenWays::remedy($label, $subject->plan, $entry)->plan;

            return new Remedy('Once more, with the other on top', $even->withSection($even->section($section->id)->withGroup($group->withTimes($group->times + 1))));
        }

        return EvenWays::remedy($label, $subject->plan, $entry);
    }
}
