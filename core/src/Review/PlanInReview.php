<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\NotInPlan;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/** Everything a rule may look at. */
final readonly class PlanInReview
{
    /**
     * @param array<string, Ledger> $ledgers by entry id
     * @param array<string, list<PersonVersion>> $versions by entry id, in the group's order
     */
    public function __construct(
        public ClassPlan $plan,
        public Group $group,
        public MovementLibrary $library,
        public Timeline $timeline,
        public Chooser $chooser,
        public array $ledgers,
        public array $versions,
        private TimelineBuilder $timelines,
        private ?int $atPace = null,
    ) {
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
}
