<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** One variation on one seat, seen from one side: its poses and how they fall on the page. */
final readonly class Scene
{
    /** Degrees by which the front view looks down, so that thighs are seen. */
    private const LOOK_DOWN = 15.0;
    /** Degrees, summed over the body, under which two poses look the same. */
    private const LOOKS_SAME = 12.0;

    /**
     * @param array<string, Pose> $poses by step id
     */
    private function __construct(public DrawnSeat $seat, public View $view, private Position $position, private array $poses)
    {
    }

    public static function of(Movement $movement, Variation $variation, Base $base, Side $side, bool $withArms = false): self
    {
        $seat = DrawnSeat::of($base, $variation->position, $withArms);
        $poses = [];
        foreach ($movement->steps as $step) {
            $poses[$step->id] = Settled::step($variation, $variation->anglesOn($base, $withArms)[$step->id], $seat, $side);
        }
        $view = match ($seat) {
            DrawnSeat::Bed, DrawnSeat::Sideways => View::Side,
            default => $movement->view,
        };

        return new self($seat, $view, $variation->position, $poses);
    }

    public function pose(string $stepId): Pose
    {
        return $this->poses[$stepId];
    }

    public function rest(): Pose
    {
        return Settled::rest($this->seat, $this->position);
    }

    /** @return array{Pose|null, Pose} where the movement comes from, null if that looks the same, and its furthest pose */
    public function startAndEnd(): array
    {
        $rest = $this->rest();
        $end = $rest;
        foreach ($this->poses as $pose) {
            if ($rest->difference($pose) > $rest->difference($end)) {
                $end = $pose;
            }
        }
        $start = $rest;
        foreach ($this->poses as $pose) {
            if ($pose->difference($end) > $start->difference($end)) {
                $start = $pose;
            }
        }

        return [$start->difference($end) < self::LOOKS_SAME ? null : $start, $end];
    }

    /** @return Closure(Vector): array{float, float} */
    public function projection(): Closure
    {
        return self::project($this->view, $this->seat);
    }

    /**
     * @return Closure(Vector): array{float, float} a point of the room on the page
     */
    public static function project(View $view, DrawnSeat $seat): Closure
    {
        if ($view === View::Side) {
            [$x, $y, $scale] = match ($seat) {
                DrawnSeat::Standing => [36.0, 52.0, 0.84],
                DrawnSeat::Bed => [46.0, 64.0, 1.0],
                DrawnSeat::FlatBed => [50.0, 68.0, 0.9],
                default => [40.0, 64.0, 1.0],
            };

            return static fn (Vector $v): array => [$x + $v->z * $scale, $y - $v->y * $scale];
        }
        if ($seat === DrawnSeat::FlatBed) {
            // Seen from above, the head at the top.
            return static fn (Vector $v): array => [50 + $v->x * 0.9, 52 + $v->z * 0.9];
        }
        if ($seat === DrawnSeat::Standing) {
            return static fn (Vector $v): array => [50 + $v->x * 0.84, 52 - $v->y * 0.84];
        }

        return static function (Vector $v): array {
            $seen = $v->pitched(self::LOOK_DOWN);

            return [50 + $v->x, 64 - $seen->y];
        };
    }
}
