<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\View;

/** From where a movement is seen best: where its points travel furthest on the page, and what moves near the middle is not behind the trunk. */
final readonly class BestView
{
    /** In this order; a later one must be better by this share than one before it. */
    private const VIEWS = [View::ThreeQuarter, View::Side, View::Front];
    private const BETTER = 1.3;
    /** Points of trunk and limbs; where the last of them stays, all do. */
    private const POINTS = [
        ['chest', 'head', 'nose'], ['elbow-left', 'hand-left'], ['elbow-right', 'hand-right'], ['knee-left', 'ankle-left', 'toe-left'], ['knee-right', 'ankle-right', 'toe-right'],
    ];
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

    public static function of(Skeleton $from, Skeleton $to, DrawnSeat $seat, Side $side): View
    {
        $ways = [];
        foreach (self::POINTS as $limb) {
            $last = $limb[count($limb) - 1];
            foreach ($from->point($last) === $to->point($last) ? [] : $limb as $point) {
                $way = $to->point($point)->minus($from->point($point));
                if ($way->dot($way) > 0.25) {
                    $ways[] = [$way, str_ends_with($point, '-' . $side->other()->value), self::isBehind($to, $to->point($point))];
                }
            }
        }
        $best = View::ThreeQuarter;
        $most = 0.0;
        foreach (self::VIEWS as $view) {
            $camera = Camera::of($view, $seat, $side);
            $travel = 0.0;
            foreach ($ways as [$way, $isFar, $isBehind]) {
                $travel += $camera->travel($way) * ($view === View::Side ? ($isFar ? self::FAR_SEEN : 1.0) : ($isBehind ? self::BEHIND_SEEN : 1.0));
            }
            if ($travel > $most * ($most > 0 ? self::BETTER : 1)) {
                [$best, $most] = [$view, $travel];
            }
        }

        return $best;
    }
}
