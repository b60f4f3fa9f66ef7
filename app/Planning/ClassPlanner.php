<?php

declare(strict_types=1);

namespace App\Planning;

use App\Library\TeacherCraft;
use App\Models\Group as GroupModel;
use App\Models\Place;
use App\Models\ReadinessCheck;
use App\Models\SeatedClass;
use App\Models\VersionChoice;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use KindChair\Body\Side;
use KindChair\Demand\Demand;
use KindChair\Figure\FigureKey;
use KindChair\Fit\Choice;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Fit\Remembered;
use KindChair\Fit\StopWhen;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\GroupReader;
use KindChair\Format\PlanReader;
use KindChair\Format\PlanWriter;
use KindChair\Movement\Base;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Naming;
use KindChair\Movement\Prop;
use KindChair\People\Group;
use KindChair\People\Participant;
use KindChair\People\WeakLimbDoes;
use KindChair\Place\Clearance;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Mended;
use KindChair\Review\Mending;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Timeline\Timeline;
use KindChair\Timeline\TimelineBuilder;

/** Where documents and stored people meet the core: reads, reviews and changes plans. Long because it is the one door between them. */
final readonly class ClassPlanner
{
    public function __construct(public Craft $craft)
    {
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws FormatError
     */
    public function read(array $document): ClassPlan
    {
        return (new PlanReader($this->craft))->read($document);
    }

    /**
     * A plan as it is about to be stored.
     *
     * @param array<array-key, mixed> $document
     * @throws FormatError also when it is longer than can be worked out while somebody waits
     */
    public function readNew(array $document): ClassPlan
    {
        $plan = $this->read($document);
        $count = count($plan->entries());
        if ($count > ClassPlan::MOST_ENTRIES) {
            throw FormatError::at('', sprintf('this class has %d movements; one holds up to %d. Please plan it as two.', $count, ClassPlan::MOST_ENTRIES));
        }

        return $plan;
    }

    public function group(?GroupModel $group): Group
    {
        return $group === null ? Group::nobody() : (new GroupReader($this->craft->precautions))->read($group->document());
    }

    /** The people of a class as they are today: what the check before class told is minded. */
    public function peopleOf(SeatedClass $class): Group
    {
        if ($class->group === null) {
            return Group::nobody();
        }
        $checks = self::fresh($class, 'checks')->keyBy('participant_id');
        $group = $this->group($class->group);
        $people = array_map(function (Participant $person, int $id) use ($checks): Participant {
            /** @var ReadinessCheck|null $check */
            $check = $checks->get($id);

            return $check === null ? $person : $person->today($check->readiness(), $this->craft->precautions);
        }, $group->people, $class->group->people->modelKeys());

        return new Group($group->name, $people);
    }

    /** @return Collection<int, Model> as they were loaded for many classes at once, or else as they are stored now */
    private static function fresh(SeatedClass $class, string $relation): Collection
    {
        return $class->relationLoaded($relation) ? $class->getRelation($relation) : $class->{$relation}()->get();
    }

    /** A class reviewed with its people, its place and what the teacher chose for them. */
    public function reviewOf(SeatedClass $class, ClassPlan $plan, Group $group): Review
    {
        $reviewer = Reviewer::withAllRules($this->craft->library, $this->craft->changeOvers, $this->craft->ranges, $this->craft->demands, $this->kitOf($class), self::never($class));
        $reviewer = $reviewer->settingAside(array_keys($class->user->setAside()));
        $reviewer = $reviewer->on($class->day());
        // Whether a class fits its time is looked at in her own pace where she says so.
        $reviewer = $class->user->pace_counts ? $reviewer->atPace((new TeachersPace($this->craft))->of($class->user)) : $reviewer;

        return KnownVersions::with(
            $class,
            $group,
            $plan->settings->never,
            $this->craft->library->naming,
            fn (Remembered $known): Review => $reviewer->review($plan, $group, $this->choicesOf($class, $plan), $known),
        );
    }

    /** Carries remedies out for a class with these people. */
    public function mending(SeatedClass $class, Group $group): Mending
    {
        return new Mending(fn (ClassPlan $plan): Review => $this->reviewOf($class, $plan, $group));
    }

    /** @return list<Choice> those that hold and still mean something in the plan */
    private function choicesOf(SeatedClass $class, ClassPlan $plan): array
    {
        $keys = array_map(static fn (array $person): string => $person['id'], $class->group?->documents() ?? []);
        $movements = [];
        foreach ($plan->entries() as $entry) {
            $movements[$entry->id] = $this->movement($entry->movement);
        }
        $choices = [];
        foreach (self::fresh($class, 'choices')->whereNull('ended_at') as $stored) {
            /** @var VersionChoice $stored */
            $choice = $stored->choice;
            $movement = $movements[$stored->entry] ?? null;
            $known = $movement !== null && isset($keys[$stored->participant_id]) && ($choice['variation'] === null || $movement->hasVariation($choice['variation']));
            if ($known) {
                $choices[] = new Choice($keys[$stored->participant_id], $stored->entry, $choice['variation'], $choice['prop'] ?? '', $choice['note'] ?? '', $choice['reason'], ($choice['despite'] ?? []) !== []);
            }
        }

        return $choices;
    }

    public function review(ClassPlan $plan, Group $group): Review
    {
        return Reviewer::withAllRules($this->craft->library, $this->craft->changeOvers, $this->craft->ranges, $this->craft->demands)->review($plan, $group);
    }

    /** A class in time, at the pace of those who come and in the words of where most of them sit. */
    public function timeline(ClassPlan $plan, Group $group): Timeline
    {
        return $this->timelines($group)->build($plan, $group->paceFactor());
    }

    /** What lays plans out in time; kept while many plans are compared that differ a little. */
    public function timelines(Group $group): TimelineBuilder
    {
        return new TimelineBuilder($this->craft->library, $this->craft->changeOvers, $group->mainBase());
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, mixed> the document with the settled plan in it
     */
    public function apply(Mended $mended, ClassPlan $before, array $document): array
    {
        return (new PlanWriter($this->craft->patterns))->write($before, $mended->plan, $document);
    }

    /** Chooses versions as this class and its place allow. */
    public function chooserFor(SeatedClass $class, ClassPlan $plan): Chooser
    {
        return new Chooser($this->craft->library, $this->craft->ranges, $this->craft->demands, $this->kitOf($class), Reviewer::never(self::never($class), $plan), Reviewer::hers(self::never($class), $plan));
    }

    /** @return list<string>|null prop ids that are at hand where this class is, with what belongs to every seat; null when nobody noted the kit */
    public function kitOf(SeatedClass $class): ?array
    {
        return $this->kitAt($class->venue);
    }

    /** @return list<string>|null prop ids that are at hand in a place, with what belongs to every seat; null when nobody noted the kit */
    public function kitAt(?Place $place): ?array
    {
        $kit = $place?->kit();
        $ofSeats = array_filter($this->craft->changeOvers->props(), static fn (Prop $prop): bool => $prop->isOfSeat);

        return $kit === null ? null : [...$kit, ...array_column($ofSeats, 'id')];
    }

    /** Somebody of this class, as they are today; there is no page for anybody else. */
    public function personOf(SeatedClass $class, int $participant): Participant
    {
        $at = array_search($participant, array_keys($class->group?->documents() ?? []), true);

        return $at === false ? abort(404) : $this->peopleOf($class)->people[$at];
    }

    /** @return list<Demand> what is never done where this class is */
    private static function never(SeatedClass $class): array
    {
        return self::neverAt($class->venue);
    }

    /** @return list<Demand> what is never done in a place */
    public static function neverAt(?Place $place): array
    {
        return array_values(array_filter(array_map(Demand::tryFrom(...), $place?->never() ?? [])));
    }

    /** The room that the widest movements of a class need. */
    public function clearanceFor(SeatedClass $class): Clearance
    {
        $planned = [];
        foreach ($this->read($class->plan()->document)->entries() as $entry) {
            $movement = $this->movement($entry->movement);
            $planned[] = [$movement, $movement->variation($entry->variation)];
        }

        return Clearance::of($planned);
    }

    public function movement(string $id): Movement
    {
        return $this->craft->library->get($id);
    }

    /** The id of a newer version of a teacher's own movement; null when this is the newest, or shipped, or taken off the shelf. */
    public function newerOf(string $id): ?string
    {
        if (!str_contains($id, '@')) {
            return null;
        }
        $key = strtok($id, '@') . '@';
        foreach ($this->craft->library->ids() as $other) {
            if (str_starts_with($other, $key)) {
                return $other === $id ? null : $other;
            }
        }

        return null;
    }

    /**
     * What the teacher minds with one person in one movement. Where they are on another base than the class, also what to say to them, what to look
     * at first and when to stop.
     *
     * @return list<string>
     */
    public function remindersOf(PersonVersion $version, Participant $person, MainBase $main): array
    {
        if ($version->movement === null || $version->variation === null) {
            return $version->watch;
        }
        $rung = $this->movement($version->movement)->variation($version->variation);
        $on = MainBase::of($person->base, $person->isFlat());
        $isMoved = in_array(WeakLimbDoes::Carer, $version->sides, true);
        if ($on === $main) {
            return array_values(array_filter([$isMoved ? StopWhen::briefly($rung, $on, true) : '', ...$version->watch]));
        }
        // Who does something else has a card that says it.
        $isOnCard = $version->mark !== Mark::Fully && $version->line !== null && str_contains($version->brief, $version->line);
        $line = $version->line === null || $isOnCard ? '' : "$version->line.";
        $look = StopWhen::briefly($rung, $on, $isMoved);

        return array_values(array_filter([$line, $look, ...$version->watch]));
    }

    /** The figure that shows what someone does while a side is named, at their own range and with the limbs that they have. */
    public function figureOf(PersonVersion $version, Participant $person, Side $named = Side::Left): FigureKey
    {
        $rung = $version->movement === null || $version->variation === null ? null : $this->movement($version->movement)->variation($version->variation);
        $key = $version->movement === null || $rung === null
            ? FigureKey::atRest($person->base, $person->isFlat())
            : FigureKey::on($version->movement, $rung, MainBase::of($person->base, $person->isFlat()));

        return $key->isAtRest() ? $key->without($person->absentLimbs()) : $version->drawn($key->doneOn($version->doneOn($named)), $person);
    }

    /**
     * A planner that also knows the movements that came with a document.
     *
     * @param array<array-key, mixed> $document
     */
    public function with(array $document): self
    {
        /** @var list<array<array-key, mixed>> $movements */
        $movements = $document['movements'] ?? [];

        return $movements === [] ? $this : new self(TeacherCraft::with($this->craft, $movements));
    }

    /** A planner that calls movements as participants are told them. */
    public function forParticipants(): self
    {
        return new self($this->craft->withLibrary($this->craft->library->called(Naming::Plain)));
    }

    public function propName(string $id): string
    {
        return $this->craft->changeOvers->prop($id)->name ?? $id;
    }
}
