<?php

declare(strict_types=1);

namespace KindChair\Review;

use DateTimeImmutable;
use KindChair\Body\RangeTable;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Fit\Assignment;
use KindChair\Fit\Choice;
use KindChair\Fit\Chooser;
use KindChair\Fit\PersonVersion;
use KindChair\Fit\Remembered;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\MovementLibrary;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Practice\Pace;
use KindChair\Timeline\TimelineBuilder;

/** Looks a plan over: its timeline, ledger, coverage, who does what, and everything to settle. */
final readonly class Reviewer
{
    /**
     * @param list<Rule> $rules
     * @param list<string>|null $kit prop ids at hand; null when the place is not known
     * @param list<Demand> $never what is never asked in this place
     * @param list<string> $setAside names of rules that the teacher set aside for all of her classes
     * @param DateTimeImmutable|null $on the day of the class; null when it has none
     */
    public function __construct(
        private MovementLibrary $library,
        private ChangeOvers $changeOvers,
        private RangeTable $ranges,
        private DemandBook $demands,
        private array $rules,
        private ?array $kit = null,
        private array $never = [],
        private ?Pace $pace = null,
        private array $setAside = [],
        private ?DateTimeImmutable $on = null,
    ) {
    }

    /** The same, holding the time at a teacher's own pace instead of the book's. */
    public function atPace(Pace $pace): self
    {
        return new self($this->library, $this->changeOvers, $this->ranges, $this->demands, $this->rules, $this->kit, $this->never, $pace, $this->setAside, $this->on);
    }

    /** @param list<string> $rules names of rules that the teacher set aside for all of her classes */
    public function settingAside(array $rules): self
    {
        return new self($this->library, $this->changeOvers, $this->ranges, $this->demands, $this->rules, $this->kit, $this->never, $this->pace, $rules, $this->on);
    }

    /** The same, for a class on a day. */
    public function on(DateTimeImmutable $day): self
    {
        return new self($this->library, $this->changeOvers, $this->ranges, $this->demands, $this->rules, $this->kit, $this->never, $this->pace, $this->setAside, $day);
    }

    /**
     * The reviewer with every rule there is.
     *
     * @param list<string>|null $kit prop ids at hand; null when the place is not known
     * @param list<Demand> $never what is never asked in this place
     */
    public static function withAllRules(MovementLibrary $library, ChangeOvers $changeOvers, RangeTable $ranges, DemandBook $demands, ?array $kit = null, array $never = []): self
    {
        return new self($library, $changeOvers, $ranges, $demands, [
            new Rules\NobodyLeftOut(),
            new Rules\HouseRulesKept(),
            new Rules\PressureChanges(),
            new Rules\UprightAfterFold(),
            new Rules\ArmsRest(),
            new Rules\ClearanceStands(),
            new Rules\PropsAtHand(),
            new Rules\AlternativeReady(),
            new Rules\NeckInHalves(),
            new Rules\WaterOnce(),
            new Rules\LeavesSomething(),
            new Rules\BothSides(),
            new Rules\BothWays(),
            new Rules\AlternatesEvenly(),
            new Rules\BreathIsEasy(),
            new Rules\PausesAreOffered(),
            new Rules\CueWithinBreath(),
            new Rules\OwnWordsLead(),
            new Rules\OpensAndCloses(),
            new Rules\MovedBeforeHeld(),
            new Rules\KeepsOrder(),
            new Rules\PropsTogether(),
            new Rules\PlacesTogether(),
            new Rules\SixDirections(),
            new Rules\CounterFollows(),
            new Rules\HeldLongEnough(),
            new Rules\StretchDose(),
            new Rules\CountsAsChosen(),
            new Rules\SidesAsChosen(),
            new Rules\SitsAsChosen(),
            new Rules\FitsSlot(),
            new Rules\SimpleWordsServe(),
        ], $kit, $never);
    }

    /**
     * @param list<Choice> $choices versions that the teacher chose
     * @param Remembered $remembered what this group did for entries like these, here and with this library
     */
    public function review(ClassPlan $plan, Group $group, array $choices = [], Remembered $remembered = new Remembered()): Review
    {
        $timelines = new TimelineBuilder($this->library, $this->changeOvers, $group->mainBase());
        $timeline = $timelines->build($plan, $group->paceFactor());
        $never = self::never($this->never, $plan);
        $chooser = new Chooser($this->library, $this->ranges, $this->demands, $this->kit, $never, self::hers($this->never, $plan));
        $chosen = [];
        foreach ($choices as $choice) {
            $chosen[$choice->entry][$choice->participant] = $choice;
        }
        $ledgers = [];
        $versions = [];
        $total = new Ledger();
        foreach ($plan->sections as $section) {
            foreach ($section->entries as $entry) {
                $movement = $this->library->get($entry->movement);
                $passes = $timeline->passesOf($entry->id);
                $ledgers[$entry->id] = Ledger::of($movement, $passes);
                $total = $total->plus($ledgers[$entry->id]);
                $asked = new Assignment(
                    $movement,
                    $movement->variation($entry->variation),
                    $plan->patternFor($section, $entry),
                    $passes,
                    $timeline->workedBefore($entry->id),
                );
                $offered = $remembered->of($asked, static fn (): array => array_map(
                    static fn (Participant $person): PersonVersion => $chooser->choose($person, $asked),
                    $group->people,
                ));
                $versions[$entry->id] = array_map(
                    static fn (Participant $person, PersonVersion $version): PersonVersion => isset($chosen[$entry->id][$person->id])
                        ? $chooser->asChosen($person, $asked, $chosen[$entry->id][$person->id])
                        : $version,
                    $group->people,
                    $offered,
                );
            }
        }
        $subject = new PlanInReview($plan, $group, $this->library, $timeline, $chooser, $ledgers, $versions, $timelines, $this->pace?->of($plan, $timeline, $this->library)['likely'], $this->demands, $this->kit, $never, $this->changeOvers, $this->on);

        $findings = $this->findings($subject);

        return new Review(
            $timeline,
            $ledgers,
            $total,
            Order::of($this->mainEntries($plan), $this->library, $plan->settings->order),
            Coverage::of($plan, $timeline, $this->library, $ledgers),
            array_values(array_filter($findings, fn (Finding $finding): bool => !$this->isSetAside($finding, $plan))),
            $versions,
            $timelines,
            array_values(array_filter($findings, fn (Finding $finding): bool => $this->isSetAside($finding, $plan))),
        );
    }

    /**
     * What is never asked in a class: by the rules of the house, and by how its teacher teaches.
     *
     * @param list<Demand> $here
     * @return list<Demand>
     */
    public static function never(array $here, ClassPlan $plan): array
    {
        return [...$here, ...self::hers($here, $plan)];
    }

    /**
     * What a teacher leaves out besides what the house does.
     *
     * @param list<Demand> $here
     * @return list<Demand>
     */
    public static function hers(array $here, ClassPlan $plan): array
    {
        return array_values(array_filter($plan->settings->never, static fn (Demand $one): bool => !in_array($one, $here, true)));
    }

    private function isSetAside(Finding $finding, ClassPlan $plan): bool
    {
        return isset($plan->setAside[$finding->key]) || $finding->mayBeSetAsideEverywhere() && in_array($finding->rule(), $this->setAside, true);
    }

    /** @return list<Finding> most pressing first, then in the order of the class */
    private function findings(PlanInReview $subject): array
    {
        $findings = array_merge(...array_map(static fn (Rule $rule): array => $rule->check($subject), $this->rules));
        $place = array_flip(array_map(static fn (Entry $entry): string => $entry->id, $subject->plan->entries()));
        usort($findings, static fn (Finding $a, Finding $b): int => [$a->severity->value, $a->concern->value, $place[$a->entry ?? ''] ?? PHP_INT_MAX]
            <=> [$b->severity->value, $b->concern->value, $place[$b->entry ?? ''] ?? PHP_INT_MAX]);

        return $findings;
    }

    /** @return list<Entry> */
    private function mainEntries(ClassPlan $plan): array
    {
        $main = array_filter($plan->sections, static fn ($section): bool => $section->kind === SectionKind::HeadToToe);

        return array_merge(...array_map(static fn ($section): array => $section->entries, array_values($main)));
    }
}
