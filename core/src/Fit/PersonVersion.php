<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Figure\FigureKey;
use KindChair\Movement\JointAngle;
use KindChair\People\Participant;
use KindChair\People\WeakLimbDoes;

/** What one person does for one entry, and why. */
final readonly class PersonVersion
{
    /**
     * @param string|null $movement the movement done; null when resting or when there is nothing
     * @param list<JointAngle> $caps angles held to this person's range instead of the movement's own
     * @param array<string, WeakLimbDoes> $sides what happens on a weak side, by side value
     * @param int|null $atMost unbroken tenths of a second before a pause
     * @param string $does what to do, in a few words
     * @param string $brief the most telling part of it, to be read at a glance
     * @param list<string> $why reasons, one sentence each
     * @param list<string> $watch reminders for the teacher
     * @param list<string> $props prop ids
     * @param bool $isChosen whether the teacher chose it
     * @param string|null $line what is said to them on their base, without its full stop
     */
    public function __construct(
        public string $participant,
        public Mark $mark,
        public ?string $movement,
        public ?string $variation,
        public array $caps,
        public array $sides,
        public ?int $atMost,
        public bool $ownBreath,
        public string $does,
        public string $brief,
        public array $why,
        public array $watch,
        public array $props,
        public bool $isChosen = false,
        public ?string $line = null,
    ) {
    }

    /**
     * This version with the teacher's choice in its place.
     *
     * @param list<string> $despite what the choice breaks, confirmed by the teacher
     * @param list<string> $props prop ids
     */
    public function chosen(Mark $mark, ?string $movement, ?string $variation, Choice $choice, string $does, array $despite, array $props): self
    {
        $keepsLimits = $variation === $this->variation;

        return new self(
            participant: $this->participant,
            mark: $mark,
            movement: $movement,
            variation: $variation,
            caps: $keepsLimits ? $this->caps : [],
            sides: $keepsLimits ? $this->sides : [],
            atMost: $this->atMost,
            ownBreath: $this->ownBreath,
            does: ucfirst($does),
            brief: ucfirst($does),
            why: ["Your choice: $choice->reason", ...array_map(static fn (string $one): string => "Despite: $one", $despite)],
            watch: $this->watch,
            props: $props,
            isChosen: true,
            line: $keepsLimits ? $this->line : null,
        );
    }

    /** The side that they work when one is named. */
    public function doneOn(Side $named): Side
    {
        return ($this->sides[$named->value] ?? null) === WeakLimbDoes::AbleSide ? $named->other() : $named;
    }

    /** The side named when they work: the right one when the right does it both times. */
    public function namedSide(): Side
    {
        return $this->doneOn(Side::Left);
    }

    /** The figure of a rung as this person does it: held to their range, with a weak limb at rest or carried. */
    public function drawn(FigureKey $key, Participant $person): FigureKey
    {
        $key = $key->without($person->absentLimbs())->heldTo($this->caps);
        if ($this->sides === []) {
            return $key;
        }
        foreach ($this->atRest($person) as [$limb, $side]) {
            $key = in_array("$limb->value-$side->value", $person->absentLimbs(), true) ? $key : $key->resting($limb, $side);
        }
        foreach (Side::cases() as $side) {
            if (($this->sides[$side->value] ?? null) === WeakLimbDoes::Assisted && $person->weak(Limb::Arm, $side) !== null) {
                $key = $key->carried($side);
            }
            foreach (($this->sides[$side->value] ?? null) === WeakLimbDoes::Carer ? Limb::cases() : [] as $limb) {
                $key = $person->weak($limb, $side)?->does === WeakLimbDoes::Carer ? $key->moved($limb, $side) : $key;
            }
        }

        return $key;
    }

    /** @return list<array{Limb, Side}> limbs that rest while the others move */
    private function atRest(Participant $person): array
    {
        $resting = [];
        foreach (Side::cases() as $side) {
            $does = $this->sides[$side->value] ?? null;
            if ($does === WeakLimbDoes::Steadies) {
                $resting[] = [Limb::Arm, $side];
            }
            foreach (in_array($does, [WeakLimbDoes::Rests, WeakLimbDoes::Absent], true) ? Limb::cases() : [] as $limb) {
                if ($person->weak($limb, $side) !== null) {
                    $resting[] = [$limb, $side];
                }
            }
        }

        return $resting;
    }
}
