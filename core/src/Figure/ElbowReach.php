<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\HandPlace;

/**
 * Lays an elbow where it is carried: as near as may be to where it is written, with the forearm as it points there, or with the hand
 * brought to where that lies.
 */
final readonly class ElbowReach
{
    /** How a hand may lie there: degrees by which the wrist bends more, and how far along the hand it touches. */
    private const HANDS = [[0, Measures::HAND], [25, Measures::FINGERS], [55, Measures::HAND], [75, Measures::FINGERS]];
    /** What a unit costs between an elbow and where it is written, and where it lay before. */
    private const AWAY = 3.0;
    private const LEAVES = 8.0;
    /** What a degree away from the shape as written costs. */
    private const TURNED = 0.1;

    /** @var array<string, int> the normal range of each action, degrees */
    private array $most;

    public function __construct(RangeTable $ranges)
    {
        $this->most = $ranges->normalEnds(...ArmReach::ACTIONS);
    }

    /**
     * @param Skeleton $body with the trunk as it is
     * @param Skeleton $written the same with the arm as it is written
     * @param list<Vector> $elbows where it may lie (see ElbowPlaces), on a table or elsewhere
     * @param list<Vector> $hands where its hand lies; none where it is free
     * @param Vector|null $lain where it lay in a step before, and stays
     * @return array<string, float>|null degrees by joint action, all of ArmReach::ACTIONS; null where the elbow lies nowhere
     */
    public function angles(Skeleton $body, Skeleton $written, Pose $wished, Side $side, array $elbows, bool $isOnTable, DrawnSeat $seat, array $hands = [], ?HandPlace $on = null, ?Vector $lain = null): ?array
    {
        $wrist = $wished->angle('wrist-extension', $side) - $wished->angle('wrist-flexion', $side);
        $shoulder = $body->point("shoulder-$side->value");
        $elbow = $written->point("elbow-$side->value");
        $over = $isOnTable ? new Vector(0, 1, 0) : SeatMeasures::underBack($seat)[1] ?? null;
        $forearm = self::above($written->point("wrist-$side->value")->minus($elbow), $over)->unit();
        $closed = (float) $this->most['elbow-flexion'];
        $best = null;
        $least = INF;
        foreach ($elbows as $at) {
            $away = $lain === null ? self::AWAY * $at->minus($elbow)->length() : self::LEAVES * $at->minus($lain)->length();
            $upper = $at->minus($shoulder)->unit();
            foreach (self::ways($at, $forearm, $wrist, $hands, $on, $over) as [$way, $lag, $bent, $short]) {
                foreach (ArmAngles::along($body, $side, $upper, $way) as $angles) {
                    // A free forearm comes as far as its elbow bends; a hand that would miss its place for it tells so.
                    $angles['elbow-flexion'] = $hands === [] ? min($closed, $angles['elbow-flexion']) : $angles['elbow-flexion'] + $lag;
                    $cost = $away + $short + abs($bent - $wrist) + ArmReach::BEYOND * max(0.0, -$bent - $this->most['wrist-flexion']) + $this->cost($angles, $wished, $side);
                    if ($cost < $least) {
                        [$least, $best] = [$cost, $angles + ['wrist-flexion' => max(0.0, -$bent), 'wrist-extension' => max(0.0, $bent)]];
                    }
                }
            }
        }

        return $best;
    }

    /** A forearm that would go into what its elbow lies on lies along it. */
    private static function above(Vector $forearm, ?Vector $over): Vector
    {
        return $over === null ? $forearm : $forearm->plus($over, max(0.0, -$forearm->dot($over)));
    }

    /**
     * Where a forearm may point from its elbow.
     *
     * @param Vector $forearm as it is written, one unit long
     * @param float $wrist degrees, above 0 where it is lifted
     * @param list<Vector> $hands
     * @param Vector|null $over what is up from what the elbow lies on; null where a forearm may go below that
     * @return list<array{Vector, float, float, float}> each one unit long, with the degrees by which the elbow bends more, those of the wrist, and what it costs that the hand misses its place
     */
    private static function ways(Vector $elbow, Vector $forearm, float $wrist, array $hands, ?HandPlace $on, ?Vector $over): array
    {
        $ways = [];
        foreach ($hands === [] ? [] : self::HANDS as [$more, $hand]) {
            $bent = $wrist - $more;
            [$across, $along] = [$hand * sin(deg2rad($bent)), Measures::FOREARM + $hand * cos(deg2rad($bent))];
            $lower = hypot($across, $along);
            foreach ($hands as $place) {
                $way = $on === HandPlace::OtherHand ? self::above(self::met($place, $elbow, $lower)->minus($elbow), $over) : $place->minus($elbow);
                $ways[] = [$way->unit(), rad2deg(atan2($across, $along)), $bent, ArmReach::SHORT * max(0.0, abs($way->length() - $lower) - ArmReach::TOUCHES)];
            }
        }

        return $ways === [] ? [[$forearm, 0.0, $wrist, 0.0]] : $ways;
    }

    /** Where two hands meet before the middle of the body, as far from an elbow as a forearm with its hand is long. */
    private static function met(Vector $place, Vector $elbow, float $lower): Vector
    {
        $across = $place->x - $elbow->x;
        $y = $place->y - $elbow->y;
        $z = $place->z - $elbow->z;
        $share = sqrt(max(1.0, $lower ** 2 - $across ** 2)) / max(0.1, hypot($y, $z));

        return new Vector($place->x, $elbow->y + $y * $share, $elbow->z + $z * $share);
    }

    /** @param array<string, float> $angles */
    private function cost(array $angles, Pose $wished, Side $side): float
    {
        $cost = 0.0;
        foreach ($angles as $action => $degrees) {
            $cost += self::TURNED * abs($degrees - $wished->angle($action, $side)) + ArmReach::BEYOND * (max(0.0, $degrees - $this->most[$action]) + max(0.0, -$degrees));
        }

        return $cost;
    }
}
