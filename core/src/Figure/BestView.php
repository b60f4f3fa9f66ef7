<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;

/** From where a movement is seen best: where its points travel furthest on the page, and what moves near the middle is not behind the trunk. */
final readonly class BestView
{
    private const VIEWS = [View::ThreeQuarter, View::Side, View::Front];
    /** By how much another view must be better than from three quarters. */
    private const BETTER = 1.27;
    /** The same of the side for folds and arches, whose curve is seen from there alone. */
    private const BENT = 1.1;
    /** Points of trunk and limbs; where the last of them stays, all do. */
    private const POINTS = [
        'trunk' => ['chest', 'head', 'nose'], 'left-arm' => ['elbow-left', 'hand-left'], 'right-arm' => ['elbow-right', 'hand-right'],
        'left-leg' => ['knee-left', 'ankle-left', 'toe-left'], 'right-leg' => ['knee-right', 'ankle-right', 'toe-right'],
    ];
    private const BONES = ['left-leg' => [['hip-left', 'knee-left'], ['knee-left', 'ankle-left']], 'right-leg' => [['hip-right', 'knee-right'], ['knee-right', 'ankle-right']]];
    /** What is told of a leg of which the foot alone moves, for who lies and is seen from above. */
    private const FEET = ['left-leg' => [['ankle-left', 'toe-left']], 'right-leg' => [['ankle-right', 'toe-right']]];
    /** A thigh, shin or foot of which this share of its length is seen is told; one that points at the viewer is not. */
    private const LONG_ENOUGH = 0.45;
    /** The far arm and leg are partly hidden from the side. */
    private const FAR_SEEN = 0.4;
    /** What is behind the back is hidden but from the side: units behind the spine, half the breadth of what hides it, and how high that is over its middle. */
    private const BEHIND_SEEN = 0.1;
    private const BEHIND = -2.0;
    private const BREADTH = 9.5;
    private const HEIGHT = 12.0;

    private static function isBehind(Skeleton $body, Vector $point): bool
    {
        $in = $body->inTrunk($point->minus($body->point('middle')));

        return $in->z < self::BEHIND && abs($in->x) < self::BREADTH && $in->y < self::HEIGHT;
    }

    /** Whether it is a fold or an arch of back or neck: to no side, and in no circle. */
    public static function bends(Movement $movement): bool
    {
        return $movement->laterality->sides === SideUse::Midline && $movement->laterality->directions === null
            && in_array($movement->mainRegion()?->zone(), [Zone::Head, Zone::Back], true);
    }

    /** @param bool $bends whether it is the spine that bends, in the middle of the body */
    public static function of(Skeleton $from, Skeleton $to, DrawnSeat $seat, Side $side, bool $bends = false): View
    {
        $ways = $bones = [];
        foreach (self::POINTS as $limb => $points) {
            $last = $points[count($points) - 1];
            if ($from->point($last) === $to->point($last)) {
                continue;
            }
            $moved = [];
            foreach ($points as $point) {
                $way = $to->point($point)->minus($from->point($point));
                if ($way->dot($way) > 0.25) {
                    $moved[] = $point;
                    $ways[] = [$way, str_ends_with($point, '-' . $side->other()->value), self::isBehind($to, $to->point($point))];
                }
            }
            // Of who lies, a foot that moves alone.
            $told = $moved === [$last] && $seat === DrawnSeat::FlatBed ? self::FEET : self::BONES;
            foreach ($moved === [] ? [] : $told[$limb] ?? [] as [$one, $other]) {
                $bones[] = $to->point($other)->minus($to->point($one))->unit();
            }
        }
        [$best, $most] = [View::ThreeQuarter, 0.0];
        foreach (self::VIEWS as $view) {
            $camera = Camera::of($view, $seat, $side);
            $travel = 0.0;
            foreach ($ways as [$way, $isFar, $isBehind]) {
                $travel += $camera->travel($way) * ($view === View::Side ? ($isFar ? self::FAR_SEEN : 1.0) : ($isBehind ? self::BEHIND_SEEN : 1.0));
            }
            $travel *= self::seen($bones, $camera) / match (true) {
                // Nothing of who lies is hidden from above.
                $view === View::ThreeQuarter, $seat === DrawnSeat::FlatBed && $view === View::Front => 1.0,
                $bends && $view === View::Side => self::BENT,
                default => self::BETTER,
            };
            if ($travel > $most) {
                $best = $view;
                $most = $travel;
            }
        }

        return $best;
    }

    /**
     * How much is seen of legs that point at the viewer or away.
     *
     * @param list<Vector> $bones each a unit long
     * @return float 1 where none does
     */
    private static function seen(array $bones, Camera $camera): float
    {
        $seen = 1.0;
        foreach ($bones as $bone) {
            $seen *= min(1.0, $camera->travel($bone) / self::LONG_ENOUGH);
        }

        return $seen;
    }
}
