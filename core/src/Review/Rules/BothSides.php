<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\SideUse;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;

/** What is done on one side is done on the other, as long and as often. Source: sequencing rules 10 and 14. */
final readonly class BothSides implements Rule
{
    public function name(): string
    {
        return 'both-sides';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            $movement = $subject->movement($entry);
            if (!$movement->laterality->isSided() || $entry->onPurpose !== null || $entry->isInterlude) {
                continue;
            }
            $ledger = $subject->ledgers[$entry->id];
            foreach ($ledger->short(['left' => $ledger->left, 'right' => $ledger->right]) as $side => $tally) {
                $other = $side === 'left' ? 'right' : 'left';
                $full = $side === 'left' ? $ledger->right : $ledger->left;
                if ($movement->laterality->sides === SideUse::Alternating) {
                    $says = "{$movement->name()} comes out uneven: "
                        . "{$ledger->left->repetitions} left, {$ledger->right->repetitions} right.";
                    $remedy = new Remedy('Make it even', $subject->plan->withEntry($entry->evenedOut()));
                } else {
                    $says = $tally->isMissing()
                        ? "{$movement->name()} has only the $other side."
                        : "{$movement->name()} is shorter on the $side: " . TimeWords::minutes($tally->tenths)
                            . ' against ' . TimeWords::minutes($full->tenths) . '.';
                    $label = $tally->isMissing() ? "Add the $side" : "Fill up the $side";
                    $remedy = EvenWays::remedy($label, $subject->plan, $entry);
                }
                $findings[] = new Finding(
                    $this->name() . ':' . $entry->id,
                    Severity::Slip,
                    Concern::Sides,
                    $entry->id,
                    $says,
                    'Both sides get the same number and the same time, unless you say it is on purpose.',
                    'As teachers hold it: the second side follows the first.',
                    $remedy,
                );
            }
        }

        return $findings;
    }
}
