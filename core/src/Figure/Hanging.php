<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\HandPlace;

/**
 * Arms where the seat is: those that hang have their hands in the lap, or outside of what is sat on where they go back or out;
 * in bed they lie on the mattress and go no further back.
 */
final class Hanging
{
    /** Degrees: an arm that is raised further does not hang. */
    private const RAISED = 55.0;
    /** Half the thickness of a forearm and a hand, in units. */
    private const ARM = 1.3;
    /** How far an upper arm goes back, in degrees, and how far out a hand is that does not come to the lap. */
    private const BACK = 12.0;
    private const OUT = 13.0;
    /** Units by which a mattress gives, degrees by which an arm is taken forward and across on it at most, and the halvings that find them. */
    private const YIELDS = 1.2;
    private const FORWARD = 40.0;
    private const ACROSS = 70.0;
    private const FINDS = 5;
    /** Shares of the way from elbow to wrist and from wrist to fingertips at which an arm is looked at. */
    private const FOREARM = [0.4, 0.6, 0.8, 1.0];
    private const HAND = [0.5, 1.0];
    /** Degrees by which an arm is held away from the body, in steps, at most. */
    private const STEP = 2.0;
    private const AWAY = 40.0;

    /** @param list<Side> $lying hands that have been brought to where they lie */
    public static function clear(Pose $pose, DrawnSeat $seat, array $lying): Pose
    {
        if ($seat === DrawnSeat::Standing) {
            return $pose;
        }
        $under = SeatMeasures::underBack($seat);
        foreach (Side::cases() as $side) {
            if ($pose->restsArm($side) || in_array($side, $lying, true)) {
                continue;
            }
            $body = null;
            if ($seat !== DrawnSeat::FlatBed && !self::isRaised($pose, $side) && self::isIn($body = Skeleton::of($pose, $seat), $side, $seat)) {
                $pose = self::inLap($pose, $body, $side, $seat) ?? ($under === null ? self::outside($pose, $side, $seat) : null) ?? $pose;
                $body = null;
            }
            if ($under !== null && self::sinks($body ?? Skeleton::of($pose, $seat), $side, $seat, $under)) {
                $pose = self::onMattress($pose, $side, $seat, $under);
            }
        }

        return $pose;
    }

    private static function isRaised(Pose $pose, Side $side): bool
    {
        return max($pose->at(JointAction::ShoulderFlexion, $side), $pose->at(JointAction::ShoulderAbduction, $side)) > self::RAISED;
    }

    /** Whether an arm goes into the seat, between seat and armrest, or through a wheel. */
    private static function isIn(Skeleton $body, Side $side, DrawnSeat $seat): bool
    {
        // Most arms are well over it.
        $top = $seat === DrawnSeat::Wheelchair ? SeatMeasures::HUB[0] + SeatMeasures::WHEEL : SeatMeasures::SEAT + self::ARM;
        if ($seat !== DrawnSeat::Bed && $body->point("wrist-$side->value")->y > $top && $body->point("fingers-$side->value")->y > $top && $body->point("elbow-$side->value")->y > $top) {
            return false;
        }
        foreach (self::along($body, $side) as $point) {
            if ($seat === DrawnSeat::Bed ? self::isInBed($point, $seat) : self::isInSeat($point, $seat)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Vector> */
    private static function along(Skeleton $body, Side $side): array
    {
        $elbow = $body->point("elbow-$side->value");
        $wrist = $body->point("wrist-$side->value");
        $fingers = $body->point("fingers-$side->value");
        $forearm = $wrist->minus($elbow);
        $hand = $fingers->minus($wrist);

        return [
            ...array_map(static fn (float $share): Vector => $elbow->plus($forearm, $share), self::FOREARM),
            ...array_map(static fn (float $share): Vector => $wrist->plus($hand, $share), self::HAND),
        ];
    }

    private static function isInSeat(Vector $point, DrawnSeat $seat): bool
    {
        $out = abs($point->x);
        if ($seat === DrawnSeat::Wheelchair && abs($out - SeatMeasures::WHEEL_SIDE) < self::ARM + 0.5
            && hypot($point->y - SeatMeasures::HUB[0], $point->z - SeatMeasures::HUB[1]) < SeatMeasures::WHEEL) {
            return true;
        }
        $armrest = SeatMeasures::armrest($seat);
        [$first, $last] = $seat === DrawnSeat::Sideways ? SeatMeasures::ACROSS : [SeatMeasures::BACK, SeatMeasures::FRONT];
        $isOverSeat = $point->z > $first && $point->z < $last;
        $side = $armrest !== null && $point->z < SeatMeasures::ARMREST_ENDS ? $armrest + 1.0 : SeatMeasures::SIDE;

        return $isOverSeat && $out < $side + self::ARM && $point->y < SeatMeasures::SEAT + self::ARM;
    }

    private static function isInBed(Vector $point, DrawnSeat $seat): bool
    {
        [, [$from, $way, $long, $over]] = SeatMeasures::mattress($seat);
        $at = $point->minus($from);

        return abs($point->x) < SeatMeasures::BED_SIDE && $at->dot($way) > 0 && $at->dot($way) < $long && $at->dot($over) < 0.5;
    }

    /**
     * Whether an arm goes into the mattress, further than that gives.
     *
     * @param array{Vector, Vector} $under
     */
    private static function sinks(Skeleton $body, Side $side, DrawnSeat $seat, array $under): bool
    {
        [$at, $over] = $under;
        // Beyond the upper end of the bed nothing is in the way.
        $along = new Vector(0, $over->z, -$over->y);
        foreach (["elbow-$side->value", "wrist-$side->value", "fingers-$side->value"] as $joint) {
            $point = $body->point($joint)->minus($at);
            if ($point->dot($over) < -self::YIELDS && $point->dot($along) < SeatMeasures::BED_BACK) {
                return true;
            }
        }

        return $seat === DrawnSeat::Bed && self::isIn($body, $side, $seat);
    }

    /**
     * The arm no further back than the mattress lets it: taken forward, or nearer to where it rests.
     *
     * @param array{Vector, Vector} $under
     */
    private static function onMattress(Pose $pose, Side $side, DrawnSeat $seat, array $under): Pose
    {
        $taken = static fn (float $share, float $raised, float $across): Pose => $pose->with($side, [
            JointAction::ShoulderExtension->value => $pose->at(JointAction::ShoulderExtension, $side) * (1 - $share),
            JointAction::ShoulderFlexion->value => $pose->at(JointAction::ShoulderFlexion, $side) + $raised * $share,
            JointAction::ShoulderAcross->value => $pose->at(JointAction::ShoulderAcross, $side) + $across * $share,
        ]);
        $ways = [
            static fn (float $share): Pose => $taken($share, 0.0, self::ACROSS),
            static fn (float $share): Pose => $taken($share, self::FORWARD, self::FORWARD),
            static fn (float $share): Pose => $pose->withArmsOf($pose->towards(Settled::rest($seat), $share), [$side]),
        ];
        $sinks = static fn (Pose $held): bool => self::sinks(Skeleton::of($held, $seat), $side, $seat, $under);
        $held = $ways[2];
        foreach ($ways as $way) {
            if (!$sinks($way(1.0))) {
                $held = $way;
                break;
            }
        }
        [$low, $high] = [0.0, 1.0];
        for ($round = 0; $round < self::FINDS; ++$round) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $sinks($held($middle)) ? [$middle, $high] : [$low, $middle];
        }

        return $held($high);
    }

    /** The hand laid on its own thigh, as near as may be to where it was, with the elbow where it was; null where it does not go there. */
    private static function inLap(Pose $pose, Skeleton $body, Side $side, DrawnSeat $seat): ?Pose
    {
        $hand = $body->point("hand-$side->value");
        if ($pose->at(JointAction::ShoulderExtension, $side) > self::BACK || abs($hand->x) > self::OUT) {
            return null;
        }
        $places = HandPlaces::of(HandPlace::Thigh, $side, false, $body, $seat);
        usort($places, static fn (Vector $a, Vector $b): int => $a->minus($hand)->length() <=> $b->minus($hand)->length());
        $elbow = $body->point("elbow-$side->value")->minus($body->point("shoulder-$side->value"));
        foreach ($places as $place) {
            $angles = ArmReach::atEase($body, $side, $place, elbow: $elbow);
            if ($angles !== null && $angles[JointAction::ShoulderFlexion->value] < self::RAISED && $angles[JointAction::ShoulderAbduction->value] < self::RAISED) {
                return $pose->resting($side, $angles);
            }
        }

        return null;
    }

    /** The arm held away from the body until it is clear; null where it would not be. */
    private static function outside(Pose $pose, Side $side, DrawnSeat $seat): ?Pose
    {
        $now = $pose->at(JointAction::ShoulderAbduction, $side);
        for ($more = self::STEP; $more <= self::AWAY; $more += self::STEP) {
            $held = $pose->with($side, [JointAction::ShoulderAbduction->value => $now + $more]);
            if (!self::isIn(Skeleton::of($held, $seat), $side, $seat)) {
                return $held;
            }
        }

        return null;
    }
}
