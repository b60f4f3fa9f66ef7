<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\DoseUnit;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;

/** The class fits the booked time, so that its closing is never cut. Source: sequencing rules 1 and 14. */
final readonly class FitsSlot implements Rule
{
    /** Spare time above this share of the slot is worth a word. Source: planning default. */
    private const MOST_SPARE = 0.2;

    public function name(): string
    {
        return 'fits-slot';
    }

    public function check(PlanInReview $subject): array
    {
        $slot = $subject->plan->slotMinutes * 600;
        $length = $subject->timeline->length();
        if ($length > $slot) {
            $says = 'The class is ' . TimeWords::minutes($length - $slot) . " longer than its {$subject->plan->slotMinutes} minutes.";

            return [$this->finding($says, 'When time runs out it is the closing that gets cut.', $this->remedy($subject, -1))];
        }
        if ($length > 0 && $slot - $length > self::MOST_SPARE * $slot) {
            $says = TimeWords::minutes($slot - $length) . " of the {$subject->plan->slotMinutes} minutes are not planned.";

            return [$this->finding($says, 'A little room is good; this much invites filling it on the spot.', $this->remedy($subject, 1))];
        }

        return [];
    }

    private function finding(string $says, string $why, ?Remedy $remedy): Finding
    {
        return new Finding($this->name(), Severity::Time, null, $says, $why, 'Sequencing rules 1 and 14.', $remedy);
    }

    /**
     * One repetition or breath at a time, repetitions before breaths, the largest dose first, the same on every side,
     * between the least and the most useful dose, and never in the closing.
     */
    private function remedy(PlanInReview $subject, int $by): ?Remedy
    {
        $toGo = $by * ($subject->plan->slotMinutes * 600 - $subject->timeline->length());
        $doses = $this->doses($subject);
        $changed = [];
        while ($toGo > 0) {
            $id = null;
            foreach ($doses as $candidate => $dose) {
                $fits = $dose->allows($by) && ($by < 0 || $dose->each <= $toGo);
                if ($fits && ($id === null || $dose->rank($by) > $doses[$id]->rank($by))) {
                    $id = $candidate;
                }
            }
            if ($id === null) {
                break;
            }
            $doses[$id] = $doses[$id]->by($by);
            $toGo -= $doses[$id]->each;
            $changed[$id] = true;
        }
        if ($changed === []) {
            return null;
        }
        $plan = $subject->plan;
        foreach (array_keys($changed) as $id) {
            $plan = $plan->withEntry($plan->entry($id)->withDose($doses[$id]->dose));
        }
        $count = count($changed) === 1 ? 'one movement' : count($changed) . ' movements';

        return new Remedy(($by < 0 ? 'Shorten ' : 'Lengthen ') . $count, $plan);
    }

    /** @return array<string, Stretchable> by entry id */
    private function doses(PlanInReview $subject): array
    {
        $doses = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->kind === SectionKind::Settle ? [] : $section->entries as $entry) {
                if ($entry->dose->unit === DoseUnit::Seconds || $entry->except !== []) {
                    continue;
                }
                $doses[$entry->id] = new Stretchable(
                    $entry->dose,
                    ...$this->bounds($subject, $entry),
                    each: $this->each($subject, $entry),
                );
            }
        }

        return $doses;
    }

    /** Tenths of a second that one repetition or breath takes over all passes. */
    private function each(PlanInReview $subject, Entry $entry): int
    {
        $each = 0;
        foreach ($subject->timeline->passesOf($entry->id) as $pass) {
            $each += intdiv($pass->body, $pass->pass->dose->amount);
        }

        return $each;
    }

    /** @return array{least: int, most: int} in the entry's own unit */
    private function bounds(PlanInReview $subject, Entry $entry): array
    {
        $doses = $subject->movement($entry)->doses;
        $isOwnUnit = $doses->least->unit === $entry->dose->unit;

        return [
            'least' => $isOwnUnit ? $doses->least->amount : min(3, $entry->dose->amount),
            'most' => $isOwnUnit ? $doses->most->amount : $entry->dose->amount,
        ];
    }
}
