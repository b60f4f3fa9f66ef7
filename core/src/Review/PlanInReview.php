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
    ) {
    }

    /** How long another plan would take with these people, in tenths of a second. */
    public function lengthOf(ClassPlan $plan): int
    {
        return $this->timelines->length($plan, $this->group->paceFactor());
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
