<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\View;

/**
 * From where a figure is seen. People are drawn as in a mirror: from the front their left is on the left of the page. The side that
 * works turns towards whoever looks, so that a figure of the right side is the mirror image on the page of one of the left.
 */
final class Camera
{
    /** Units of the page between its edge and what must be on it. */
    private const EDGE = 3.0;
    /** The same where it steps back, for the arrows outside of what reaches there. */
    private const ROOM = 6.5;
    /** The same for what is sat on. */
    private const LINE = 1.8;

    /** @var array<string, self> the same one for all that are drawn from there: what was seen by it once is known */
    private static array $known = [];

    /** @param int|null $number what tells the known ones from each other; null for one that looks closer */
    private function __construct(
        public readonly ?int $number,
        private readonly float $cosTurn,
        private readonly float $sinTurn,
        private readonly float $cosTip,
        private readonly float $sinTip,
        private readonly float $x,
        private readonly float $y,
        private readonly float $scale,
    ) {
    }

    /** @param Side $near the side that is turned towards the viewer */
    public static function of(View $view, DrawnSeat $seat, Side $near): self
    {
        return self::$known["$view->value/$seat->value/$near->value"] ??= self::at($view, $seat, $near);
    }

    private static function at(View $view, DrawnSeat $seat, Side $near): self
    {
        [$turn, $tip, $x, $y, $scale] = match (true) {
            $seat === DrawnSeat::FlatBed => match ($view) {
                View::Front, View::Above => [0.0, 88.0, 44.0, 48.5, 0.86],
                View::Side => [86.0, 12.0, 48.5, 66.0, 0.83],
                View::ThreeQuarter => [62.0, 34.0, 48.5, 54.0, 0.76],
            },
            $seat === DrawnSeat::Bed => match ($view) {
                View::Front => [0.0, 26.0, 50.0, 57.0, 0.9],
                View::Side => [86.0, 6.0, 42.2, 66.0, 0.96],
                View::ThreeQuarter => [48.0, 22.0, 43.2, 57.6, 0.92],
                View::Above => [0.0, 80.0, 50.0, 45.0, 0.92],
            },
            $seat === DrawnSeat::Standing => match ($view) {
                View::Front => [0.0, 8.0, 50.0, 52.0, 0.76],
                View::Side => [84.0, 4.0, 42.0, 53.0, 0.78],
                View::ThreeQuarter => [34.0, 9.0, 46.0, 52.0, 0.76],
                View::Above => [24.0, 66.0, 50.0, 42.0, 0.8],
            },
            default => match ($view) {
                View::Front => [0.0, 12.0, 50.0, 63.0, 0.95],
                View::Side => [84.0, 4.0, 42.0, 64.0, 0.95],
                View::ThreeQuarter => [35.0, 10.0, 46.0, 63.0, 0.95],
                View::Above => [24.0, 66.0, 48.0, 46.0, 0.95],
            },
        };
        $mirror = $near === Side::Left ? 1.0 : -1.0;

        return new self(count(self::$known), cos(deg2rad($turn)), $mirror * sin(deg2rad($turn)), cos(deg2rad($tip)), sin(deg2rad($tip)), 50 + $mirror * ($x - 50), $y, $scale);
    }

    /**
     * The same from as far away as it takes to hold some points, with room round them, and what reaches further than they do.
     *
     * @param list<Vector> $points
     * @param list<Vector> $edges of what is sat on (see SeatEdges)
     */
    public function holding(array $points, array $edges = []): self
    {
        [$left, $top, $right, $bottom] = $this->box($points);
        if (min($left, $top) >= self::EDGE && max($right, $bottom) <= 100 - self::EDGE) {
            return $this;
        }
        [$first, $highest, $last, $lowest] = $this->box($edges);
        [$left, $right] = [min(0.0, $left - self::ROOM, $first - self::LINE), max(100.0, $right + self::ROOM, $last + self::LINE)];
        [$top, $bottom] = [min(0.0, $top - self::ROOM, $highest - self::LINE), max(100.0, $bottom + self::ROOM, $lowest + self::LINE)];
        // In hundredths, so that few are known.
        $times = floor(10000 / max($right - $left, $bottom - $top)) / 100;
        [$x, $y] = [50 + round(($this->x - ($left + $right) / 2) * $times, 1), 50 + round(($this->y - ($top + $bottom) / 2) * $times, 1)];

        return self::$known["$this->number/$times/$x/$y"] ??= new self(count(self::$known), $this->cosTurn, $this->sinTurn, $this->cosTip, $this->sinTip, $x, $y, $this->scale * $times);
    }

    /**
     * @param list<Vector> $points
     * @return array{float, float, float, float} left, top, right and bottom of them on the page
     */
    private function box(array $points): array
    {
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        foreach ($points as $point) {
            [$x, $y] = $this->page($point);
            $left = min($left, $x);
            $top = min($top, $y);
            $right = max($right, $x);
            $bottom = max($bottom, $y);
        }

        return [$left, $top, $right, $bottom];
    }

    /** The same seen closer: a point of the room comes to lie at a place on the page. */
    public function closer(Vector $point, float $x, float $y, float $times): self
    {
        [$px, $py] = $this->page($point);
        $scale = $this->scale * $times;

        return new self(null, $this->cosTurn, $this->sinTurn, $this->cosTip, $this->sinTip, $x - ($px - $this->x) * $times, $y - ($py - $this->y) * $times, $scale);
    }

    /** Page units for one unit of the room. */
    public function scale(): float
    {
        return $this->scale;
    }

    /** @return array{float, float} where a point of the room lies on the page */
    public function page(Vector $v): array
    {
        return [
            $this->x + ($v->x * $this->cosTurn + $v->z * $this->sinTurn) * $this->scale,
            $this->y - ($v->y * $this->cosTip - ($v->z * $this->cosTurn - $v->x * $this->sinTurn) * $this->sinTip) * $this->scale,
        ];
    }

    /**
     * @param list<Vector> $balls
     * @param list<float> $radii
     * @return list<float> four numbers for each: where it lies on the page, its depth, its radius on the page
     */
    public function seen(array $balls, array $radii): array
    {
        $cosTurn = $this->cosTurn;
        $sinTurn = $this->sinTurn;
        $cosTip = $this->cosTip;
        $sinTip = $this->sinTip;
        $scale = $this->scale;
        $seen = [];
        foreach ($balls as $i => $ball) {
            $x = $ball->x;
            $y = $ball->y;
            $z = $ball->z;
            $ahead = $z * $cosTurn - $x * $sinTurn;
            $seen[] = $this->x + ($x * $cosTurn + $z * $sinTurn) * $scale;
            $seen[] = $this->y - ($y * $cosTip - $ahead * $sinTip) * $scale;
            $seen[] = $ahead * $cosTip + $y * $sinTip;
            $seen[] = $radii[$i] * $scale;
        }

        return $seen;
    }

    /** How far something that moves so in the room moves on the page, for a page as large as the room. */
    public function travel(Vector $way): float
    {
        $x = $way->x * $this->cosTurn + $way->z * $this->sinTurn;
        $y = $way->y * $this->cosTip - ($way->z * $this->cosTurn - $way->x * $this->sinTurn) * $this->sinTip;

        return sqrt($x * $x + $y * $y);
    }

    /** How much nearer than the middle between the hips a point is, in units. */
    public function depth(Vector $v): float
    {
        return ($v->z * $this->cosTurn - $v->x * $this->sinTurn) * $this->cosTip + $v->y * $this->sinTip;
    }
}
