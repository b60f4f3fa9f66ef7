<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\DemandBook;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\People\Participant;
use KindChair\People\WeakLimbDoes;

/** A rung considered for a person, and what it asks of them once weak limbs have their way. */
final readonly class Offer
{
    /** @var list<Side> the sides that are named */
    public array $named;

    /** @var array<string, WeakLimbDoes> what happens on a side, by side value */
    public array $sides;

    /** The hand that holds on while the other moves; where sides are named, while the left one is. */
    public ?Side $holding;

    private bool $sparesNothing;

    /** @var list<Ask> what is asked, on the side on which this person does it */
    public array $asks;

    public function __construct(
        public Participant $person,
        public Assignment $asked,
        public Movement $movement,
        public Variation $variation,
        DemandBook $demands,
    ) {
        $this->named = $movement->id === $asked->movement->id
            ? $asked->sides
            : ($movement->laterality->namesSide() ? Side::cases() : [Side::Left]);
        $all = $demands->of($movement, $variation, $person->base);
        $sides = WeakSides::of($this->named, $person, $movement, $variation);
        $this->holding = self::mustHold($person, $all) ? $this->freeHand($sides) : null;
        $this->sides = $sides + ($this->holding === null ? [] : [$this->holding->value => WeakLimbDoes::Steadies]);
        $this->sparesNothing = $person->weakLimbs === [] && $this->holding === null;
        $asks = [];
        foreach ($this->named as $side) {
            $done = $this->doneOn($side);
            $mine = $demands->of($movement, $variation, $person->base, $done);
            array_push($asks, ...$this->sparesNothing ? $mine : array_filter($mine, fn (Ask $ask): bool => !$this->isSpared($ask, $done)));
        }
        $this->asks = $asks;
    }

    /**
     * Whether both hands would be off for somebody of whom one always has to hold, and can.
     *
     * @param list<Ask> $asks
     */
    private static function mustHold(Participant $person, array $asks): bool
    {
        return $person->holdsOn()
            && in_array(Demand::HandsOff, array_column($asks, 'demand'), true)
            && $person->weak(Limb::Arm, Side::Left) === null && $person->weak(Limb::Arm, Side::Right) === null;
    }

    /**
     * The hand that can hold: where sides are named the other one, else the first whose side has nothing else to do.
     *
     * @param array<string, WeakLimbDoes> $sides
     */
    private function freeHand(array $sides): ?Side
    {
        foreach ($this->movement->laterality->isSided() ? [Side::Right] : Side::cases() as $side) {
            if (!isset($sides[$side->value])) {
                return $side;
            }
        }

        return null;
    }

    private function isHolding(?Side $side, Side $named): bool
    {
        return $this->holding !== null && $side === ($this->movement->laterality->isSided() ? $named->other() : $this->holding);
    }

    /** The side that is really worked when one is named. */
    public function doneOn(Side $named): Side
    {
        return ($this->sides[$named->value] ?? null) === WeakLimbDoes::AbleSide ? $named->other() : $named;
    }

    /** @return list<JointAngle> the furthest angles while a side is named, as this person does it */
    public function angles(Side $named): array
    {
        $done = $this->doneOn($named);
        $reach = $this->variation->reach($done, $this->person->base);

        return $this->sparesNothing ? $reach : array_values(array_filter($reach, fn (JointAngle $angle): bool => !$this->rests($angle, $done)));
    }

    /** Whether the limb of an angle rests or is not there. */
    private function rests(JointAngle $angle, Side $named): bool
    {
        if ($angle->limb === Limb::Arm && $this->isHolding($angle->side, $named)) {
            return true;
        }
        $weak = $angle->limb === null || $angle->side === null ? null : $this->person->weak($angle->limb, $angle->side);

        return $weak !== null && !WeakSides::isHelped($weak, $this->person);
    }

    public function isAsPlanned(): bool
    {
        return $this->movement->id === $this->asked->movement->id && $this->variation->id === $this->asked->variation->id;
    }

    /** Tenths of a second that the steps of an ask last without a break. The steps of a substitute are not in the passes: then the whole pass counts. */
    public function lasts(Ask $ask): int
    {
        return $this->movement->id === $this->asked->movement->id ? Unbroken::longest($ask->steps, $this->asked->passes) : $this->asked->longestPass;
    }

    private function isSpared(Ask $ask, Side $named): bool
    {
        $limb = $ask->demand->limb();
        if ($this->holding !== null && ($ask->demand === Demand::HandsOff || $limb === Limb::Arm && !$ask->demand->isCarrying() && $this->isHolding($ask->side, $named))) {
            return true;
        }
        $weak = $limb === null || $ask->side === null ? null : $this->person->weak($limb, $ask->side);
        // A leg that is laid on the other is bent and turned there, whoever lays it.
        $isLaid = $limb === Limb::Leg && $this->variation->body->legs !== null;

        return $weak !== null && !$isLaid && !$ask->demand->isCarrying() && !$ask->demand->isContact() && !WeakSides::isHelped($weak, $this->person);
    }
}
