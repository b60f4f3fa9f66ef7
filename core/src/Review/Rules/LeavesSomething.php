<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Plan\Entry;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;

/** A dose leaves something to do, and time enough to do it in. Source: computation of a pass. */
final readonly class LeavesSomething implements Rule
{
    public function name(): string
    {
        return 'leaves-something';
    }

    public function check(PlanInReview $subject): array
    {
        $findings = [];
        foreach ($subject->plan->entries() as $entry) {
            $passes = $subject->timeline->passesOf($entry->id);
            $name = $subject->movement($entry)->name();
            if ($passes === []) {
                $findings[] = $this->finding($entry, "Nothing is left of $name.", 'Every side and every way of it is left out.', new Remedy('Do all of it', $subject->plan->withEntry($entry->evenedOut())));
                continue;
            }
            $longest = 0;
            foreach ($passes as $pass) {
                $longest = $pass->isTooShort ? max($longest, $pass->length()) : $longest;
            }
            if ($longest > 0) {
                $seconds = (int) ceil($longest / 10);
                $findings[] = $this->finding(
                    $entry,
                    "$name takes at least $seconds s a time; fewer are planned.",
                    'Going in, moving once and coming out again takes its time, even a little faster than usual.',
                    new Remedy("Plan $seconds s", $subject->plan->withEntry($entry->evenedOut(new Dose(DoseUnit::Seconds, $seconds)))),
                    'time',
                );
            }
        }

        return $findings;
    }

    private function finding(Entry $entry, string $says, string $why, Remedy $remedy, string $which = 'all'): Finding
    {
        return new Finding($this->name() . ":$entry->id:$which", Severity::Slip, Concern::Sides, $entry->id, $says, $why, 'How long a movement takes.', $remedy);
    }
}
