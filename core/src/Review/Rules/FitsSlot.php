<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanInReview;
use KindChair\Review\Remedy;
use KindChair\Review\Rule;
use KindChair\Review\Severity;
use KindChair\Review\TimeWords;
use KindChair\Timeline\SchoolDoses;

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
        $length = $subject->length();
        if ($length > $slot) {
            $says = 'The class is ' . TimeWords::minutes($length - $slot) . " longer than its {$subject->plan->slotMinutes} minutes.";

            return [$this->finding(Severity::Slip, $says, 'When time runs out it is the closing that gets cut.', $this->remedy($subject, -1))];
        }
        if ($length > 0 && $slot - $length > self::MOST_SPARE * $slot) {
            $says = TimeWords::minutes($slot - $length) . " of the {$subject->plan->slotMinutes} minutes are not planned.";

            return [$this->finding(Severity::Idea, $says, 'A little room is good; this much invites filling it on the spot.', $this->remedy($subject, 1))];
        }

        return [];
    }

    private function finding(Severity $severity, string $says, string $why, ?Remedy $remedy): Finding
    {
        return new Finding($this->name(), $severity, Concern::Time, null, $says, $why, 'As teachers hold it: a class has room for questions, and ends when it was said to.', $remedy);
    }

    /**
     * One repetition or breath at a time, ranges first, then repetitions before breaths, the largest dose first, the same on every side,
     * between the least and the most useful dose, and never in the closing.
     */
    private function remedy(PlanInReview $subject, int $by): ?Remedy
    {
        $toGo = $by * ($subject->plan->slotMinutes * 600 - $subject->length());
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
        $plan = $subject->plan;
        foreach (array_keys($changed) as $id) {
            $plan = $plan->withEntry($plan->entry($id)->withDose($doses[$id]->dose));
        }
        $left = [];
        $spare = $plan->slotMinutes * 600 - $subject->lengthOf($plan);
        while ($by < 0 && $spare < 0) {
            $entry = self::leastMissed($subject, $plan, -$spare);
            if ($entry === null) {
                return null;
            }
            $plan = $plan->without($entry->id);
            $left[] = $subject->movement($entry)->name();
            unset($changed[$entry->id]);
            $spare = $plan->slotMinutes * 600 - $subject->lengthOf($plan);
        }
        $isSettled = $spare <= self::MOST_SPARE * $plan->slotMinutes * 600;
        if (!$isSettled || $changed === [] && $left === []) {
            return null;
        }
        $count = count($changed) === 1 ? 'one movement' : count($changed) . ' movements';
        $words = array_filter([
            $changed === [] ? null : ($by < 0 ? 'Shorten ' : 'Lengthen ') . $count,
            $left === [] ? null : ($changed === [] ? 'Leave out ' : 'leave out ') . (count($left) > 2 ? count($left) . ' more' : implode(' and ', $left)),
        ]);

        return new Remedy(implode(', ', $words), $plan);
    }

    /** What would be missed least: never the arriving or the closing; the shortest that is enough, or else the longest, first of what has a twin in its region. */
    private static function leastMissed(PlanInReview $subject, ClassPlan $plan, int $over): ?Entry
    {
        $best = null;
        $regions = array_count_values(array_map(static fn (Entry $entry): string => $subject->movement($entry)->mainRegion()->value ?? '', $plan->entries()));
        foreach ($plan->sections as $section) {
            foreach (in_array($section->kind, [SectionKind::Settle, SectionKind::Arrive], true) ? [] : $section->entries as $entry) {
                $length = $subject->timeline->entryLength($entry->id);
                $rank = [$length >= $over ? 1 : 0, $length >= $over ? -$length : $length, $regions[$subject->movement($entry)->mainRegion()->value ?? '']];
                if ($best === null || $rank > $best[0]) {
                    $best = [$rank, $entry];
                }
            }
        }

        return $best[1] ?? null;
    }

    /** @return array<string, Stretchable> by entry id */
    private function doses(PlanInReview $subject): array
    {
        $doses = [];
        foreach ($subject->plan->sections as $section) {
            foreach ($section->kind === SectionKind::Settle ? [] : $section->entries as $entry) {
                if ($entry->dose->isTimed() || $entry->except !== []) {
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
            $each += (int) floor($pass->body / $pass->pass->dose->amount);
        }

        return $each;
    }

    /** @return array{least: int, most: int} in the entry's own unit */
    private function bounds(PlanInReview $subject, Entry $entry): array
    {
        if ($entry->dose->from !== null && $entry->dose->to !== null) {
            return ['least' => (int) $entry->dose->from, 'most' => (int) $entry->dose->to];
        }
        $doses = SchoolDoses::of($subject->movement($entry), $subject->plan->settings, $subject->plan->patternFor($subject->plan->sectionOf($entry), $entry));
        $isOwnUnit = $doses->least->unit === $entry->dose->unit;

        return [
            'least' => (int) ($isOwnUnit ? $doses->least->amount : min(3, $entry->dose->amount)),
            'most' => (int) ($isOwnUnit ? $doses->most->amount : $entry->dose->amount),
        ];
    }
}
