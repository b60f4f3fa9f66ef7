<?php

declare(strict_types=1);

namespace KindChair\Review;

use DateTimeImmutable;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\NotInPlan;
use KindChair\Plan\Section;
use KindChair\Timeline\SchoolDoses;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/** Everything a rule may look at. */
final readonly class PlanInReview
{
    /** On what the class is where nobody said so. */
    private MainBase $usual;

    /**
     * @param array<string, Ledger> $ledgers by entry id
     * @param array<string, list<PersonVersion>> $versions by entry id, in the group's order
     * @param list<string>|null $kit prop ids at hand; null when the place is not known
     * @param list<Demand> $never what is never asked in this place, or by this teacher
     * @param DateTimeImmutable|null $on the day of the class; null when it has none
     */
    public function __construct(
        public ClassPlan $plan,
        public Group $group,
        public MovementLibrary $library,
        public Timeline $timeline,
        public Chooser $chooser,
        public array $ledgers,
        public array $versions,
        public TimelineBuilder $timelines,
        private ?int $atPace,
        private DemandBook $demands,
        public ?array $kit,
        public array $never,
        public ChangeOvers $changeOvers,
        public ?DateTimeImmutable $on = null,
    ) {
        $this->usual = $group->mainBase();
    }

    /** How long the class takes, in tenths of a second: by the book, or at the teacher's own pace where that is to count. */
    public function length(): int
    {
        return $this->atPace ?? $this->timeline->length();
    }

    /** How long another plan would take with these people; at the teacher's pace by the share by which this one differs from the book. */
    public function lengthOf(ClassPlan $plan): int
    {
        $book = $this->timelines->length($plan, $this->group->paceFactor());

        return $this->atPace === null ? $book : (int) round($book * $this->atPace / max(1, $this->timeline->length()));
    }

    public function movement(Entry $entry): Movement
    {
        return $this->library->get($entry->movement);
    }

    /** The rung as it was planned. */
    public function rung(Entry $entry): Variation
    {
        return $this->movement($entry)->variation($entry->variation);
    }

    /** On what the class is while an entry is done. */
    public function baseOf(Entry $entry): MainBase
    {
        return $this->plan->baseFor($this->plan->sectionOf($entry)) ?? $this->usual;
    }

    /** What a rung asks of the class, most of each demand; 0 where it is not asked. */
    public function demand(Entry $entry, Demand $demand, ?Variation $rung = null): int
    {
        return $this->asks($this->movement($entry), $rung ?? $this->rung($entry), $this->baseOf($entry), $demand);
    }

    /** What any rung asks on a base, whether the class has it or not; 0 where it is not asked. */
    public function asks(Movement $movement, Variation $rung, MainBase $base, Demand $demand): int
    {
        $most = 0;
        foreach ($this->demands->of($movement, $rung, $rung->baseFor($base)->base()) as $ask) {
            $most = $ask->demand === $demand ? max($most, $ask->measure) : $most;
        }

        return $most;
    }

    /** @return list<string> ids of the steps in which a demand holds */
    public function stepsOf(Entry $entry, Demand $demand): array
    {
        $rung = $this->rung($entry);
        $steps = [];
        foreach ($this->demands->of($this->movement($entry), $rung, $rung->baseFor($this->baseOf($entry))->base()) as $ask) {
            $steps = $ask->demand === $demand ? [...$steps, ...$ask->steps] : $steps;
        }

        return array_values(array_unique($steps));
    }

    /** @throws NotInPlan */
    public function asked(Entry $entry): Assignment
    {
        $movement = $this->movement($entry);

        return new Assignment(
            $movement,
            $movement->variation($entry->variation),
            $this->plan->patternFor($this->plan->sectionOf($entry), $entry),
            $this->timeline->passesOf($entry->id),
        );
    }

    /**
     * A movement of the library as a new entry in its usual dose, on the base of a section.
     *
     * @param int $among how many new ones of it there are already
     * @return Entry|null none where the library has no such movement, or nothing of it for that base that may be done here
     */
    public function newEntry(string $movement, Section $section, int $among = 0): ?Entry
    {
        if (!$this->library->has($movement)) {
            return null;
        }
        $found = $this->library->get($movement);
        $base = $this->plan->baseFor($section) ?? $this->usual;
        $rung = $found->rungOn($base, null, fn (Variation $rung): bool => !$this->chooser->isBarred($found, $rung, $rung->baseFor($base)->base()));
        $number = 1 + $among;
        while ($this->plan->has("$movement-$number")) {
            ++$number;
        }

        return $rung === null ? null : new Entry("$movement-$number", $movement, $rung->id, SchoolDoses::of($found, $this->plan->settings, $section->pattern ?? $this->plan->pattern)->usual);
    }

    /** When an entry begins, in tenths of a second from the start of the class. */
    public function start(Entry $entry): int
    {
        return $this->timeline->turnsOf($entry->id)[0]->start ?? 0;
    }
}
