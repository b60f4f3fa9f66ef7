<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Movement;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;

/** A sentence as it is said for one step of a rung on one base, with the shape that it is said about; the left is named. Degrees. */
final readonly class Said
{
    public function __construct(
        public string $words,
        public Movement $movement,
        public Variation $variation,
        public Base $base,
        public Step $step,
        private Angles $shape,
        private Angles $before,
    ) {
    }

    public function mentions(string $pattern): bool
    {
        return preg_match($pattern, $this->words) === 1;
    }

    /** The most of some actions in this step, on one side or on any. */
    public function most(?Side $side, JointAction ...$actions): int
    {
        return self::mostIn($this->shape, $side, $actions);
    }

    /** By how much the most of some actions grows in this step; less than nothing where it goes back. */
    public function grows(?Side $side, JointAction ...$actions): int
    {
        return self::mostIn($this->shape, $side, $actions) - self::mostIn($this->before, $side, $actions);
    }

    /** Whether an arm is anywhere else than at rest in this step or the one before it. */
    public function usesArms(): bool
    {
        $arms = array_filter(
            [...$this->shape->on(Side::Left), ...$this->before->on(Side::Left)],
            static fn ($angle): bool => in_array($angle->action->joint()->value, ['shoulder', 'elbow', 'wrist', 'fingers'], true) && $angle->degrees > 0,
        );

        return $arms !== [] || $this->hands() !== [];
    }

    /** Whether a leg is anywhere else than at rest in this step or the one before it, or works where it is. */
    public function usesLegs(): bool
    {
        $legs = array_filter(
            [...$this->shape->on(Side::Left), ...$this->before->on(Side::Left)],
            static fn ($angle): bool => in_array($angle->action->joint()->value, ['hip', 'knee', 'ankle', 'toes'], true) && $angle->degrees !== $angle->action->atRest(),
        );

        return $legs !== [] || $this->variation->body->legs !== null || $this->variation->body->effort !== [] || $this->variation->body->touch !== [];
    }

    /** @param list<HandPlace> $places */
    public function hasHandOn(array $places): bool
    {
        return array_filter(
            $this->hands(),
            static fn (HandContact $hand): bool => in_array($hand->on, $places, true),
        ) !== [];
    }

    /** @param list<ElbowPlace> $places */
    public function hasElbowOn(array $places): bool
    {
        return array_filter(
            BaseHands::use($this->variation, $this->base)->elbows,
            static fn (ElbowContact $elbow): bool => in_array($elbow->on, $places, true),
        ) !== [];
    }

    /** @return list<HandContact> on this base */
    private function hands(): array
    {
        return BaseHands::use($this->variation, $this->base)->hands;
    }

    /** @param array<JointAction> $actions */
    private static function mostIn(Angles $angles, ?Side $side, array $actions): int
    {
        $most = 0;
        foreach ($angles->on(Side::Left) as $angle) {
            if (in_array($angle->action, $actions, true) && ($side === null || $angle->side === null || $angle->side === $side)) {
                $most = max($most, $angle->degrees);
            }
        }

        return $most;
    }
}
