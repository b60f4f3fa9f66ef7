<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\View;

/** The way of a body from where a still begins to where it ends, and the lines that tell of it. */
final readonly class Way
{
    /** Units under which a way is too short to draw, and under which that of an elbow tells too little of its hand. */
    public const SHORTEST = 8.0;
    private const ELBOW = 12.0;
    /** Units from which a way that is short and yet all there is to see is drawn out, and how far. */
    public const LEAST = 1.0;
    private const DRAWN_OUT = 9.0;
    /** How much of the way of an elbow its hand goes that takes it along. */
    private const WITH_HAND = 0.4;
    /** Shares of the way at which it is drawn, before its end. */
    private const ALONG = [0.35, 0.7];

    /** @param non-empty-list<Skeleton> $bodies on the way, the last of them its end */
    private function __construct(private Scene $scene, private Skeleton $start, private array $bodies)
    {
    }

    /** @param Posed|null $start null for rest */
    public static function of(Scene $scene, ?Posed $start, Posed $end): self
    {
        $from = $start->pose ?? $scene->rest;
        $bodies = [];
        foreach ($from === $end->pose ? [] : self::ALONG as $share) {
            $bodies[] = Skeleton::of($from->towards($end->pose, $share), $scene->seat);
        }

        return new self($scene, $start->body ?? $scene->restBody(), [...$bodies, $end->body]);
    }

    public function isFromSide(): bool
    {
        return $this->scene->view === View::Side;
    }

    /**
     * @param list<string> $points of the body
     * @return array<string, float> how far on the page those travel that move in the movement itself, the furthest first
     */
    public function byTravel(array $points): array
    {
        $travel = [];
        foreach ($points as $point) {
            $far = $this->scene->camera->travel($this->end()->point($point)->minus($this->start->point($point)));
            if ($far >= self::LEAST && $this->scene->moves($point)) {
                $travel[$point] = $far;
            }
        }
        arsort($travel);

        // Where a hand goes, its elbow tells nothing more.
        return array_filter($travel, static fn (float $far, string $point): bool => ($travel[str_replace('elbow', 'hand', $point)] ?? 0.0) < self::WITH_HAND * $far || !str_starts_with($point, 'elbow'), ARRAY_FILTER_USE_BOTH);
    }

    /** @return list<Shape> the way of a limb; where it would go over the face, that of its elbow */
    public function ofLimb(string $point, Side $side): array
    {
        $points = $this->scene->moves($point) ? $this->beside($point) : [];
        // A line over the face hides where somebody looks: the elbow goes with hand and shoulder, and keeps off it.
        if (ArrowLine::crosses($points, $this->head()) && in_array($point, ["hand-$side->value", "shoulder-$side->value"], true)) {
            $points = $this->beside("elbow-$side->value", self::ELBOW);
        }

        return $this->drawn($points);
    }

    /**
     * @param float|null $least from which it is drawn out; null where it is not
     * @return list<Shape> the way of a point; none where it is too short or would go over the face
     */
    public function line(string $point, float $shortest, ?float $least = null): array
    {
        return $this->drawn($this->beside($point, $shortest, $least));
    }

    /**
     * @param list<array{float, float}> $points
     * @return list<Shape>
     */
    private function drawn(array $points): array
    {
        return $points === [] || ArrowLine::crosses($points, $this->head()) ? [] : ArrowLine::drawn($points);
    }

    private function end(): Skeleton
    {
        return $this->bodies[count($this->bodies) - 1];
    }

    /** @return array{float, float} on the page */
    private function head(): array
    {
        return $this->scene->camera->page($this->end()->point('head'));
    }

    /**
     * The way of a point, a little outside of it; none that is too short to be drawn.
     *
     * @param float|null $least from which it is drawn out; null where it is not
     * @return list<array{float, float}> points on the page
     */
    private function beside(string $traced, float $shortest = self::SHORTEST, ?float $least = null): array
    {
        // Of a head over it, of a nose before it, of a limb away from the trunk.
        [$centre, $out] = match ($traced) {
            'head' => ['hips', 13.5],
            'nose' => ['head', 3.0],
            // Of the back where it is: over what moves.
            'middle' => ['hips', 0.0],
            default => ['middle', 7.0],
        };
        $points = [];
        $length = 0.0;
        foreach ($this->bodies as $i => $skeleton) {
            [$x, $y] = $this->scene->camera->page($skeleton->point($traced));
            [$cx, $cy] = $this->scene->camera->page($skeleton->point($centre));
            $away = max(0.1, hypot($x - $cx, $y - $cy));
            $x += ($x - $cx) / $away * $out;
            $y += ($y - $cy) / $away * $out;
            $length += $points === [] ? 0 : hypot($x - $points[$i - 1][0], $y - $points[$i - 1][1]);
            $points[] = [$x, $y];
        }

        if ($least !== null && $length > $least && $length < self::DRAWN_OUT) {
            [[$x, $y], [$toX, $toY], $longer] = [$points[0], $points[count($points) - 1], self::DRAWN_OUT / $length];

            return ArrowLine::onPage([[$toX - ($toX - $x) * $longer, $toY - ($toY - $y) * $longer], [$toX, $toY]]);
        }

        return $length < max($shortest, $least) ? [] : ArrowLine::onPage($points);
    }
}
