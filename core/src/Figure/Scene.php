<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** One variation on one seat, seen from one side: its poses and how they fall on the page. */
final readonly class Scene
{
    /** Degrees, summed over the body, under which two poses look the same. */
    private const LOOKS_SAME = 12.0;
    /** Units by which a hand is away from where it rests when the arm is carried. */
    private const CARRIED = 14.0;

    public View $view;
    public Camera $camera;

    /**
     * @param array<string, Pose> $poses by step id
     */
    private function __construct(
        private Movement $movement,
        private Variation $variation,
        public DrawnSeat $seat,
        private Side $side,
        public Pose $rest,
        private array $poses,
        ?View $view,
        private ?Side $carried,
    ) {
        $this->view = $view ?? $movement->view ?? BestView::of([$rest, ...array_values($poses)], $seat, $side);
        $this->camera = Camera::of($this->view, $seat, $side);
    }

    /** @param View|null $view null for the one that shows it best */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, bool $withArms = false, ?View $view = null, ?Side $carried = null): self
    {
        $seat = DrawnSeat::of($base, $variation->position, $withArms);
        $poses = [];
        foreach ($movement->steps as $step) {
            $poses[$step->id] = Settled::step($variation, $variation->anglesOn($base, $withArms)[$step->id], $seat, $side);
        }

        return new self($movement, $variation, $seat, $side, Settled::rest($seat, $variation->position), $poses, $view, $carried);
    }

    public function pose(string $stepId): Pose
    {
        return $this->poses[$stepId];
    }

    /** Whether a hand of the arms that work is carried through the air, away from where arms rest. */
    public function handsTravel(): bool
    {
        $rest = Skeleton::of($this->rest, $this->seat);
        foreach ($this->poses as $pose) {
            $body = Skeleton::of($pose, $this->seat);
            foreach (Side::cases() as $side) {
                if ($body->point("hand-$side->value")->minus($rest->point("hand-$side->value"))->length() > self::CARRIED) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Shape> what is used in this rung, where it lies in a pose */
    public function props(Skeleton $body): array
    {
        return Props::of($this->variation->propAt, $body, $this->camera, $this->side);
    }

    /** A pose with its hands as they are in a step; at rest where none is named. */
    public function posed(Pose $pose, ?Step $step): Posed
    {
        $body = Skeleton::of($pose, $this->seat);
        $helps = $step === null ? null : $this->carried?->other();
        if ($helps !== null) {
            // The able hand takes the other forearm near the wrist, as far as it reaches.
            $wrist = $body->point("wrist-{$helps->other()->value}");
            $pose = $pose->with($helps, ArmReach::atEase($body, $helps, $wrist->plus($body->point("elbow-{$helps->other()->value}")->minus($wrist), 0.2)) ?? []);
            $body = Skeleton::of($pose, $this->seat);
        }
        $contacts = $step === null ? [] : Contacts::during($this->variation->body, $step->id, $step->phase, $this->side);

        $grips = Grips::of($body, $pose, $this->seat, $contacts, $this->variation->body, Props::fillHands($this->variation->propAt));
        if ($helps !== null) {
            $grips[$helps->value] = Grip::holding($body->point("wrist-{$helps->other()->value}"), "lower-arm-{$helps->other()->value}");
        }

        return new Posed($pose, $body, $grips, $this->seat);
    }

    /** @return array{Posed|null, Posed} where the movement comes from, null if that looks the same, and its furthest pose */
    public function startAndEnd(): array
    {
        $rest = $this->rest;
        [$end, $at] = [$rest, null];
        foreach ($this->movement->steps as $step) {
            if ($rest->difference($this->poses[$step->id]) > $rest->difference($end)) {
                [$end, $at] = [$this->poses[$step->id], $step];
            }
        }
        [$start, $from] = [$rest, null];
        foreach ($this->movement->steps as $step) {
            if ($this->poses[$step->id]->difference($end) > $start->difference($end)) {
                [$start, $from] = [$this->poses[$step->id], $step];
            }
        }

        return [$start->difference($end) < self::LOOKS_SAME ? null : $this->posed($start, $from), $this->posed($end, $at)];
    }
}
