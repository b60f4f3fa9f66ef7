<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;

/** Between which two poses a still tells a movement. */
final readonly class Ends
{
    /** Degrees, summed over the body, under which two poses look the same. */
    private const LOOKS_SAME = 12.0;

    /**
     * @param Posed|null $start where it begins; null where that looks the same
     * @param Step|null $from the step in which it begins; null for rest
     * @param Step|null $at the furthest step; null where nothing moves
     * @param Skeleton $widest what looks least like the furthest pose, of all that it takes to come there
     */
    private function __construct(public ?Posed $start, public Posed $end, public ?Step $from, public ?Step $at, public Skeleton $widest)
    {
    }

    /**
     * @param Closure(string): Pose $pose by step id
     * @param Closure(Pose, Step|null): Posed $posed with its hands
     */
    public static function of(Movement $movement, Variation $variation, Pose $rest, Closure $pose, Closure $posed): self
    {
        $poses = [];
        foreach ($movement->steps as $step) {
            $poses[$step->id] = $pose($step->id);
        }
        [$furthest, $at] = [$rest, null];
        $most = 0.0;
        foreach ($movement->steps as $step) {
            $far = $rest->difference($poses[$step->id]);
            if ($far > $most) {
                [$furthest, $at, $most] = [$poses[$step->id], $step, $far];
            }
        }
        foreach ($movement->steps as $step) {
            // Whoever stands up from a bend ends where standing rests.
            if ($step->isShown && $most >= self::LOOKS_SAME) {
                [$furthest, $at, $most] = [$poses[$step->id], $step, self::LOOKS_SAME];
            }
        }
        // Where nothing else moves, what eyes or mouth do.
        $at ??= $movement->tellingFace($variation);
        $widest = self::furthestFrom($furthest, $movement->steps, $poses, $most);
        // What goes to and fro begins at its own other end; what is held or comes back to rest, there.
        $from = ($at?->phase === Phase::Cycle ? self::furthestFrom($furthest, $movement->cycle(), $poses, self::LOOKS_SAME) : null) ?? $widest;
        $begins = $from === null ? $rest : $poses[$from->id];
        $starts = $posed($begins, $from);

        return new self(
            $begins->difference($furthest) < self::LOOKS_SAME ? null : $starts,
            $posed($furthest, $at),
            $from,
            $at,
            $from === $widest ? $starts->body : $posed($widest === null ? $rest : $poses[$widest->id], $widest)->body,
        );
    }

    /**
     * What reaches out of the page first, where it begins, as far as it goes and on the way there.
     *
     * @param bool $takesTurns whether the other side does it as well
     * @return list<Vector>
     */
    public function reaches(bool $takesTurns): array
    {
        $points = [];
        foreach ([$this->end->body, $this->widest, ...($this->start === null ? [] : [$this->start->body])] as $body) {
            foreach (['head', 'fingers-left', 'fingers-right', 'toe-left', 'toe-right'] as $point) {
                $points[] = $body->point($point);
            }
        }

        return $takesTurns ? [...$points, ...array_map(static fn (Vector $point): Vector => $point->mirrored(), $points)] : $points;
    }

    /**
     * The step that looks least like a pose.
     *
     * @param list<Step> $steps
     * @param array<string, Pose> $poses by step id
     * @param float $least degrees, above which it counts
     */
    private static function furthestFrom(Pose $pose, array $steps, array $poses, float $least): ?Step
    {
        $found = null;
        foreach ($steps as $step) {
            $far = $poses[$step->id]->difference($pose);
            if ($far > $least) {
                [$found, $least] = [$step, $far];
            }
        }

        return $found;
    }
}
