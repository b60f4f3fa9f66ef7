<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\SideUse;
use KindChair\Movement\SpineDirections;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\GroupKind;
use KindChair\Plan\SectionKind;
use KindChair\Review\Review;
use KindChair\Review\Rules\PressureChanges;
use KindChair\Timeline\SchoolDoses;
use KindChair\Timeline\TimedPass;

/**
 * Brings a class to a number of minutes so that least is lost, or most is won: every entry in some dose between its least and its most, or not at all;
 * both sides always alike, arriving and closing never left out. What is worth how much is the objective of composing.
 */
final readonly class Trimmer
{
    /** Seconds of the least dose, and the steps of doses in seconds. Source: planning default. */
    private const LEAST_SECONDS = 10;
    private const STEP_SECONDS = 5;

    private const ROUNDS = 6;

    public function __construct(private MovementLibrary $library, private ComposeBook $book)
    {
    }

    /**
     * @param Review $review of the same plan and group
     * @return Trim|null none when even the least that must be kept takes longer
     */
    public function to(int $minutes, ClassPlan $plan, Group $group, Review $review): ?Trim
    {
        $wanted = $capacity = $minutes * 600;
        $best = null;
        $problem = $this->problem($plan, $group, $review, $wanted);
        for ($round = 0; $round < self::ROUNDS && $capacity > 0; ++$round) {
            $solution = Search::best($problem->within($capacity), 0.0005);
            if ($solution === null) {
                break;
            }
            $trimmed = $this->trimmed($plan, $solution);
            $length = $review->timelines->length($trimmed, $group->paceFactor());
            if ($length > $wanted) {
                $capacity -= $length - $wanted + 10;
                continue;
            }
            if ($best === null || $length > $best->length) {
                $best = $this->told($plan, $trimmed, $length, $problem->within($capacity), $solution);
            }
            if ($wanted - $length < 50 || $capacity - $solution->tenths > 50) {
                break;
            }
            $capacity += $wanted - $length;
        }

        return $best;
    }

    /** Shorter doses where it is to be shorter, longer ones where it is to be longer: nothing goes the other way. */
    private function problem(ClassPlan $plan, Group $group, Review $review, int $wanted): Problem
    {
        $whole = $review->timelines->length($plan, $group->paceFactor());
        $worth = new Worth($this->book, new Wish(), $plan->settings->sides);
        $candidates = [];
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $movement = $this->library->get($entry->movement);
                $rung = $movement->variation($entry->variation);
                $own = $review->timeline->entryLength($entry->id);
                $passes = $review->timeline->passesOf($entry->id);
                $moving = (int) array_sum(array_map(static fn (TimedPass $pass): int => $pass->length(), $passes));
                $kind = $section->groupOf($entry)?->kind;
                $isStation = $kind === GroupKind::Stations;
                // Of a round one may go: the others stay a round.
                $isRun = $kind !== null && $kind !== GroupKind::Round;
                $options = [];
                $doses = SchoolDoses::of($movement, $plan->settings, $plan->patternFor($section, $entry));
                [$least, $most] = self::bounds($entry, $doses->least, $doses->most);
                if ($entry->dose->isTimed() && $passes !== []) {
                    // A dose in seconds is never less than one whole time takes: the words need their breath.
                    $once = $review->timelines->length($plan->withEntry($entry->withDose(new Dose(DoseUnit::Repetitions, 1))), $group->paceFactor()) - $whole + $moving;
                    $least = min((float) $entry->dose->amount, max($least, ceil($once / count($passes) / 10)));
                }
                [$from, $to] = $wanted < $whole ? [$least, (float) $entry->dose->amount] : [(float) $entry->dose->amount, $most];
                foreach ($isStation || $entry->except !== [] ? [$entry->dose] : self::doses($entry->dose, $from, $to, $movement->laterality->sides === SideUse::Alternating && $entry->dose->unit === DoseUnit::Breaths) as $dose) {
                    $more = $dose === $entry->dose ? 0 : $review->timelines->length($plan->withEntry($entry->withDose($dose)), $group->paceFactor()) - $whole;
                    $share = $moving === 0 ? 0 : $moving / max(1, $entry->dose->amount);
                    $points = $worth->of(
                        $movement,
                        0,
                        $moving + $more,
                        (int) round($share * $least),
                        (int) round($share * ($entry->dose->from ?? ($doses->usual->unit === $entry->dose->unit ? $doses->usual->amount : $entry->dose->amount))),
                        0,
                        $review->versions[$entry->id] ?? [],
                        SpineDirections::of($rung),
                    );
                    // What is counted in repetitions is shortened before what is counted in breaths.
                    $options[] = new Option("$entry->id/$dose->amount", max(0, $own + $more), $points - ($dose->unit === DoseUnit::Breaths ? 0 : (int) round($points / 500)));
                }
                // A rest between others, and what eases the seat, is there for somebody.
                $isForSomebody = $entry->isInterlude || in_array($entry->movement, PressureChanges::RELIEF, true);
                $isKept = in_array($section->kind, [SectionKind::Arrive, SectionKind::Settle], true) || $isRun || $isForSomebody;
                $candidates[] = new Candidate($entry->id, $options, $isKept);
            }
        }

        return new Problem($whole, [new Part('class', 0, count($candidates), $candidates)]);
    }

    /** @return array{float, float} the least and the most of an entry, in its own unit */
    private static function bounds(Entry $entry, Dose $least, Dose $most): array
    {
        $amount = (float) $entry->dose->amount;
        if ($entry->dose->from !== null && $entry->dose->to !== null) {
            return [(float) $entry->dose->from, (float) $entry->dose->to];
        }
        if ($entry->dose->isTimed()) {
            return [min($amount, $least->isTimed() ? (float) $least->amount : self::LEAST_SECONDS), max($amount, $most->isTimed() ? (float) $most->amount : $amount)];
        }

        return $least->unit === $entry->dose->unit
            ? [min($amount, (float) $least->amount), max($amount, (float) $most->amount)]
            : [min($amount, $entry->dose->unit === DoseUnit::Repetitions ? 3.0 : 2.0), $amount];
    }

    /**
     * @param bool $isEven whether it has to come out even, because sides take turns in it
     * @return non-empty-list<Dose> the entry's own first
     */
    private static function doses(Dose $own, float $least, float $most, bool $isEven): array
    {
        $step = $own->isTimed() ? self::STEP_SECONDS : 1;
        $doses = [$own];
        for ($amount = $least; $amount <= $most; $amount += $step) {
            if (abs($amount - $own->amount) > 0.05 && (!$isEven || $amount % 2 === 0)) {
                $doses[] = $own->of($own->isTimed() ? $amount : (int) $amount);
            }
        }

        return $doses;
    }

    private function trimmed(ClassPlan $plan, Solution $solution): ClassPlan
    {
        $doses = [];
        foreach ($solution->ids() as $id) {
            $cut = (int) strrpos($id, '/');
            $doses[substr($id, 0, $cut)] = (float) substr($id, $cut + 1);
        }
        foreach ($plan->entries() as $entry) {
            $amount = $doses[$entry->id] ?? null;
            if ($amount === null) {
                $plan = $plan->without($entry->id);
            } elseif (abs($amount - $entry->dose->amount) > 0.05) {
                $plan = $plan->withEntry($entry->withDose($entry->dose->of($entry->dose->isTimed() ? $amount : (int) $amount)));
            }
        }

        return $plan;
    }

    private function told(ClassPlan $before, ClassPlan $after, int $length, Problem $problem, Solution $solution): Trim
    {
        $changed = $left = [];
        foreach ($before->entries() as $entry) {
            if (!$after->has($entry->id)) {
                $left[] = $this->library->get($entry->movement)->name();
            } elseif ($after->entry($entry->id)->dose != $entry->dose) {
                $changed[$entry->id] = ['from' => $entry->dose->inWords(), 'to' => $after->entry($entry->id)->dose->inWords()];
            }
        }

        return new Trim($after, $length, $problem, $solution, $changed, $left);
    }
}
