<?php

declare(strict_types=1);

namespace KindChair\Movement;

use Closure;
use KindChair\Body\Limb;
use KindChair\Body\Side;

/** One rung of a movement's ladder, from gentlest to fullest. */
final class Variation
{
    /** A chair with arms, on which hands lie elsewhere than on one without. */
    public const ARMCHAIR = 'armchair';

    /** @var array<string, array<string, list<JointAngle>>> the furthest angles that were asked for, by base and the side that is named */
    private array $furthest = [];

    /** @var array{self|null}|null what is done lying flat; null where it has not been asked for */
    private ?array $lying = null;

    /**
     * @param int $level 1 is the gentlest
     * @param non-empty-list<Base> $bases
     * @param array<string, Angles> $angles as written, by step id; every step of the movement has one
     * @param array<string, Cue> $cues by step id; every step of the movement has one
     * @param list<string> $props prop ids
     * @param PropPlace|null $propAt where they are used; null where no picture can tell
     * @param array<string, BaseWords> $forBase by Base value
     * @param array<string, array<string, Angles>> $onSeat by Base value or ARMCHAIR, then step id: with the hands brought to where they lie
     * @param PropOption|null $option the prop with which it is done, where it is done without one as well
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly int $level,
        public readonly array $bases,
        public readonly Position $position,
        public readonly string $introduction,
        public readonly array $angles,
        public readonly array $cues,
        public readonly BodyUse $body,
        public readonly array $props,
        public readonly ?PropPlace $propAt,
        public readonly bool $scalesDown,
        public readonly array $forBase,
        private readonly array $onSeat = [],
        public readonly ?PropOption $option = null,
    ) {
        if ($level < 1) {
            throw InvalidMovement::levelIs($id, $level);
        }
    }

    public function allows(Base $base): bool
    {
        return in_array($base, $this->bases, true);
    }

    /** What somebody on this base is told besides; null where the words for all serve. In bed, who lies flat has words of their own. */
    public function sayOn(Base $base, bool $liesFlat = false): ?string
    {
        $isFlat = $base === Base::Bed && ($liesFlat || $this->position === Position::BedFlat);

        return ($isFlat ? $this->forBase[BaseWords::FLAT]->say ?? null : null) ?? $this->forBase[$base->value]->say ?? null;
    }

    /** The same in the words of a class that sits on this base. */
    public function spokenOn(Base $base): self
    {
        $words = $this->forBase[$base->value] ?? null;

        return $words === null || $words->introduction === null && $words->cues === [] ? $this : $this->saying($words->introduction, $words->cues);
    }

    /** On what it is done by a class that is on some base: there, or on the first it is for. */
    public function baseFor(MainBase $wanted): MainBase
    {
        return $this->allows($wanted->base()) ? $wanted : MainBase::of($this->mainBase());
    }

    /** The shape as it is shown to a class on this base: lying where it can be, as it is else. */
    public function shownOn(MainBase $base): self
    {
        return $base->isFlat() ? $this->lying() ?? $this : $this;
    }

    /** What somebody does who lies flat: the same shape where it can be, unless their line tells another; null where no picture can tell it. */
    public function lying(): ?self
    {
        return ($this->lying ??= [($this->isToldLying() ? $this->otherLying() : null) ?? $this->sameLying()])[0];
    }

    /** Whether who lies flat does what their line tells in place of this shape. */
    public function isToldLying(): bool
    {
        return $this->told()?->isAlways === true || $this->sameLying() === null;
    }

    /** Whether its cues are true of who lies flat: where the shape is the same, or their line tells only how they lie, and not what moves. */
    public function isCuedLying(): bool
    {
        $told = $this->told();

        return ($told?->isAlways !== true || $told->isStill(array_keys($this->angles))) && $this->sameLying() !== null;
    }

    /** The shape that the line for who lies flat tells; nobody is told one who does what was made for lying. */
    private function told(): ?LyingShape
    {
        return $this->position === Position::BedFlat || !$this->allows(Base::Bed) ? null : $this->forBase[BaseWords::FLAT]->shape ?? null;
    }

    /**
     * The same shape lying flat; null where that is another one: where trunk, hips, knees or hands on something make it. Legs that rest lie long.
     */
    private function sameLying(): ?self
    {
        if ($this->position === Position::BedFlat) {
            return $this;
        }
        if (!$this->allows(Base::Bed) || $this->body->hands !== [] || $this->body->elbows !== [] || $this->body->legs !== null) {
            return null;
        }
        $angles = array_filter(array_map(static fn (Angles $written): ?Angles => $written->lying(), $this->angles));

        return count($angles) < count($this->angles) ? null : $this->withAngles($angles, $this->onFlatBed(), Position::BedFlat);
    }

    /** @return array<string, array<string, Angles>> with hands and elbows where they lie on a flat bed, as angles on the bed of who lies */
    private function onFlatBed(): array
    {
        return isset($this->onSeat[BaseWords::FLAT]) ? [Base::Bed->value => $this->onSeat[BaseWords::FLAT]] : [];
    }

    private function otherLying(): ?self
    {
        $told = $this->told();

        return $told === null ? null : $this->withAngles($told->in(array_keys($this->angles)), $this->onFlatBed(), Position::BedFlat, $told);
    }

    /** The base it is shown on first: a chair, if it is for one. */
    public function mainBase(): Base
    {
        return $this->allows(Base::Chair) ? Base::Chair : $this->bases[0];
    }

    /**
     * The furthest angle of each action over all steps on a base, or on its main one where it is not for that; for the knee also the straightest.
     *
     * @return list<JointAngle>
     */
    public function reach(Side $named, Base $base): array
    {
        $on = $this->allows($base) ? $base : $this->mainBase();

        return $this->furthest[$on->value][$named->value] ??= Angles::furthest($this->anglesOn($on), $named);
    }

    /** @return array<string, Angles> by step id: as it is done on a base, with the hands where they lie there */
    public function anglesOn(Base $base, bool $withArms = false): array
    {
        return ($withArms ? $this->onSeat[self::ARMCHAIR] ?? null : null) ?? $this->onSeat[$base->value] ?? $this->onSeat[$this->mainBase()->value] ?? $this->angles;
    }

    /** With the hands where they lie in another rung that has the same shape. */
    public function onSeatsOf(self $other): self
    {
        return $this->onSeats($other->onSeat);
    }

    /** @param array<string, array<string, Angles>> $onSeat by Base value or ARMCHAIR, then step id */
    public function onSeats(array $onSeat): self
    {
        return $this->withAngles($this->angles, $onSeat);
    }

    /** The same as it is done with a prop; null where it is not for that rung, or would ease a shape that is no larger without it. */
    public function with(PropOption $option): ?self
    {
        $bases = array_values(array_filter($this->bases, static fn (Base $base): bool => $option->bases === [] || in_array($base, $option->bases, true)));
        if ($bases === [] || $option->rungs !== [] && !in_array($this->id, $option->rungs, true) || $this->props !== []) {
            return null;
        }
        $angles = array_map(static fn (Angles $angles): Angles => $angles->heldTo($option->most)->heldFrom($option->least), $this->angles);
        $body = $this->body->with($option->adds, $option->frees, $option->letsGo);
        if ($option->at === PropPlace::UnderFoot) {
            // A foot that stands on something lies on no leg.
            $body = $body->uncrossed();
        }
        if ($option->does->eases() && $angles == $this->angles && $body == $this->body) {
            return null;
        }

        return new self(
            id: $this->id . PropOption::WITH . $option->id(),
            name: "$this->name, {$option->name()}",
            level: $this->level,
            bases: $bases,
            position: $this->position,
            introduction: "$option->say $this->introduction",
            angles: $angles,
            cues: $this->cues,
            body: $body,
            props: [$option->prop],
            propAt: $option->at,
            scalesDown: $this->scalesDown,
            forBase: $this->forBase,
            option: $option,
        );
    }

    public function introductionWords(): int
    {
        return Cue::wordCount($this->introduction);
    }

    /**
     * This rung with angles held to what someone's joints allow.
     *
     * @param list<JointAngle> $caps
     */
    public function heldTo(array $caps): self
    {
        $most = [];
        foreach ($caps as $cap) {
            $most[$cap->action->value] = min($most[$cap->action->value] ?? PHP_INT_MAX, $cap->degrees);
        }

        return $this->each(static fn (Angles $angles): Angles => $angles->heldTo($most));
    }

    /** This rung with one limb at rest, when the side that is named is $named. */
    public function resting(Limb $limb, Side $side, Side $named): self
    {
        return $this->each(static fn (Angles $angles): Angles => $angles->resting($limb, $side, $named));
    }

    /**
     * The same in a teacher's own words.
     *
     * @param array<string, Cue> $cues by step id; those that are not named stay
     */
    public function saying(?string $introduction, array $cues): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            level: $this->level,
            bases: $this->bases,
            position: $this->position,
            introduction: $introduction ?? $this->introduction,
            angles: $this->angles,
            cues: [...$this->cues, ...$cues],
            body: $this->body,
            props: $this->props,
            propAt: $this->propAt,
            scalesDown: $this->scalesDown,
            forBase: $this->forBase,
            onSeat: $this->onSeat,
            option: $this->option,
        );
    }

    /** @param Closure(Angles): Angles $change */
    private function each(Closure $change): self
    {
        return $this->withAngles(array_map($change, $this->angles), array_map(static fn (array $steps): array => array_map($change, $steps), $this->onSeat));
    }

    /**
     * @param array<string, Angles> $angles by step id
     * @param array<string, array<string, Angles>> $onSeat
     */
    private function withAngles(array $angles, array $onSeat, ?Position $position = null, ?LyingShape $shape = null): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            level: $this->level,
            bases: $this->bases,
            position: $position ?? $this->position,
            introduction: $this->introduction,
            angles: $angles,
            cues: $this->cues,
            body: $shape?->body->withFaceOf($this->body) ?? $this->body,
            props: $shape->props ?? $this->props,
            propAt: $shape === null ? $this->propAt : $shape->propAt,
            scalesDown: $this->scalesDown,
            forBase: $this->forBase,
            onSeat: $onSeat,
            option: $this->option,
        );
    }
}
