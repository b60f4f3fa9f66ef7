<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Region;
use KindChair\Fit\Chooser;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Review\Concern;
use KindChair\Review\Finding;
use KindChair\Review\PlanDiff;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Review\Rules\SimpleWordsServe;
use KindChair\Timeline\TimelineBuilder;

/** Fills a class with what is best for those who come, in the order of the chosen school. What is in it already stays as it is. */
final readonly class Composer
{
    /** How far below the best is near enough for many candidates, as a share of it; few are chosen from exactly. */
    private const NEAR = 0.001;
    private const FEW = 20;

    /** Tenths of a second that may be left of the slot. */
    public const SPARE = 900;

    /** How many rests and changes of seat are put in at most. */
    private const RESTS = 12;

    /** How often what the single times could not tell is put right. */
    private const ROUNDS = 16;

    public function __construct(
        private MovementLibrary $library,
        private ChangeOvers $changeOvers,
        private Chooser $chooser,
        private Reviewer $reviewer,
        private ComposeBook $book,
    ) {
    }

    /**
     * Three classes that differ: what was asked for; something of everything; fewer and longer.
     *
     * @param ClassPlan $frame its slot, breath, school and sections, and what has a place in it already
     * @return list<Composition> none where nothing can be made of what there is
     */
    public function three(ClassPlan $frame, Group $group, Wish $wish): array
    {
        $timelines = new TimelineBuilder($this->library, $this->changeOvers, $group->mainBase());
        $frame = self::taught($frame, $group);
        $wish = $this->bySchool($wish, $frame);
        $shelf = $this->shelf($timelines, $frame, $group);
        $made = [];
        foreach (Character::cases() as $character) {
            $one = $this->made($shelf, $timelines, $frame, $group, $wish->as($character));
            if ($one !== null) {
                $made[] = $one;
                $wish = $wish->otherThan(array_map(static fn (string $id): string => $one->plan->entry($id)->movement, $one->added));
            }
        }

        return $made;
    }

    /** @param ClassPlan $frame its slot, breath, school and sections, and what has a place in it already */
    public function compose(ClassPlan $frame, Group $group, Wish $wish): ?Composition
    {
        $timelines = new TimelineBuilder($this->library, $this->changeOvers, $group->mainBase());
        $frame = self::taught($frame, $group);

        return $this->made($this->shelf($timelines, $frame, $group), $timelines, $frame, $group, $this->bySchool($wish, $frame));
    }

    private function shelf(TimelineBuilder $timelines, ClassPlan $frame, Group $group): Shelf
    {
        return new Shelf($this->library, $timelines, $this->changeOvers, $this->chooser, $group, $frame, $this->book);
    }

    private function made(Shelf $shelf, TimelineBuilder $timelines, ClassPlan $frame, Group $group, Wish $wish): ?Composition
    {
        $slot = $frame->slotMinutes * 600;
        $capacity = $slot - $timelines->length($frame, $group->paceFactor());
        $best = $enough = null;
        $tooMuch = PHP_INT_MAX;
        for ($round = 0; $round < self::ROUNDS && $capacity > 0; ++$round) {
            $menu = Menu::of($shelf, $this->library, $this->book, $frame, $wish, $capacity);
            [$problem, $solution, $missing] = $this->solved($menu->problem);
            if ($solution === null) {
                break;
            }
            [$plan, $added] = (new Seating($shelf, $this->library, $this->book))->seat($frame, $menu->chosen($solution));
            $length = $timelines->length($plan, $group->paceFactor());
            [$plan, $review] = $length > $slot ? [$plan, null] : $this->settled($plan, $group);
            $length = $review?->timeline->length() ?? $length;
            if ($review === null || $length > $slot) {
                // Things cost more beside one another than alone: a little less next time, and not less than what had room before.
                $tooMuch = min($tooMuch, $capacity);
                $capacity = $enough === null ? $capacity - ($length - $slot + 10) : intdiv($enough + $tooMuch, 2);
                continue;
            }
            $wrong = $this->wrong($review, $plan, $added);
            if ($wrong !== []) {
                $wish = $wish->without($wrong);
                continue;
            }
            $added = array_values(array_diff(array_column($plan->entries(), 'id'), array_column($frame->entries(), 'id')));

            if ($best === null || $length > $best[0]) {
                $best = [$length, new Composition($plan, $wish, $problem, $solution, $review, $added, $missing)];
            }
            // What shares a place or a prop took less than it would have alone.
            if ($slot - $length <= self::SPARE / 2 || $capacity - $solution->tenths > self::SPARE) {
                break;
            }
            $enough = $capacity;
            $more = $capacity + $slot - $length - 50;
            $capacity = $more < $tooMuch ? $more : intdiv($enough + $tooMuch, 2);
        }

        return $best[1] ?? null;
    }

    /** @return array{Problem, ?Solution, list<string>} with less asked for where everything cannot be had */
    private function solved(Problem $problem): array
    {
        $regions = array_column(Region::cases(), 'value');
        $fewer = static fn (Problem $from, callable $which): Problem => $from->with(array_map(static fn (Part $part): Part => $which($part) ? $part->atLeast(0) : $part, $from->parts));
        $untagged = new Problem($problem->capacity, $problem->parts);
        $unregioned = $fewer($untagged, static fn (Part $part): bool => in_array($part->id, $regions, true));
        $tries = [
            [$problem, []],
            [$untagged, $problem->tags === [] ? [] : ['Not every direction of the spine has room.']],
            [$unregioned, ['There is no room for something of every part of the body.']],
            [$fewer($unregioned, static fn (Part $part): bool => !in_array($part->id, ['arrive', 'close'], true)), ['There is room for little besides arriving and closing.']],
            [$fewer($unregioned, static fn (): bool => true), ['There is no room to arrive and to close.']],
        ];
        foreach ($tries as [$try, $missing]) {
            $solution = Search::best($try, $try->size() > self::FEW ? self::NEAR : 0.0);
            if ($solution !== null) {
                return [$try, $solution, $missing];
            }
        }

        return [$problem, null, []];
    }

    /**
     * With the rests and pauses that what was chosen needs beside one another: arms that rest, a seat that is eased.
     *
     * @return array{ClassPlan, Review}
     */
    private function settled(ClassPlan $plan, Group $group): array
    {
        $review = $this->reviewer->review($plan, $group);
        for ($step = 0; $step < self::RESTS; ++$step) {
            $remedy = null;
            foreach ($review->findings as $finding) {
                $isAdded = $finding->remedy !== null && $finding->severity->isPressing() && $finding->concern === Concern::People && !PlanDiff::between($plan, $finding->remedy->plan)->givesUp();
                $remedy ??= $isAdded ? $finding->remedy : null;
            }
            if ($remedy === null) {
                break;
            }
            $plan = $remedy->plan;
            $review = $this->reviewer->review($plan, $group);
        }

        return [$plan, $review];
    }

    /** What is asked of a class, with what its school of practice asks: how it ends, and how people sit. */
    private function bySchool(Wish $wish, ClassPlan $frame): Wish
    {
        $places = array_values(array_filter(Position::cases(), $frame->settings->sitting->forbids(...)));
        $ending = $frame->settings->ending;
        $there = array_map(static fn (Entry $entry): string => $entry->movement, $frame->entries());
        $isOpen = $ending !== null && $frame->first(SectionKind::Settle) !== null && array_intersect($ending->practices(), $there) === [];
        $last = $isOpen ? [$ending->practice()] : [];
        // What would come after it is not taken.
        $after = $isOpen ? array_diff($this->book->practices['close'] ?? [], $last, $wish->must) : [];

        return $wish->taught($places, array_values(array_diff($last, $wish->never)), array_values($after));
    }

    /** The class as it is taught to these people best. */
    private static function taught(ClassPlan $frame, Group $group): ClassPlan
    {
        return SimpleWordsServe::serve($group) ? $frame->withSettings($frame->settings->inSimpleWords()) : $frame;
    }

    /**
     * @param list<string> $added entries that may be changed
     * @return list<string> movements that do not belong into this class beside the others
     */
    private function wrong(Review $review, ClassPlan $plan, array $added): array
    {
        $entries = array_map(
            static fn (Finding $finding): ?string => $finding->severity->isPressing() ? $finding->entry : null,
            $review->findings,
        );

        return array_values(array_unique(array_map(
            static fn (string $id): string => $plan->entry($id)->movement,
            array_intersect(array_filter($entries), $added),
        )));
    }
}
