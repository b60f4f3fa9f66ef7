<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Effort;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;

/** A pose as a body takes it: feet on what they stand on, one leg on the other where it is laid there, hands that rest on the thighs. */
final class Settled
{
    /** Degrees: an arm that is raised further does not rest. */
    private const AT_REST = 60.0;

    /** Degrees from upright of a trunk that leans on the backrest. */
    private const LEANS_BACK = -9;

    /** Degrees from which who stands bows to the chair, and units by which they step back from it at most. */
    private const BOWS = 20.0;
    private const FURTHEST = 26.0;
    /** How far an arm reaches with ease. */
    private const ARM = 0.97 * (Measures::UPPER_ARM + Measures::FOREARM + Measures::HAND);

    /** Units by which a hand that rests may lie beyond the middle of the trunk. */
    private const ACROSS = 6.0;

    /** @var array<string, Pose> by seat and position: most figures begin at rest */
    private static array $rests = [];

    /** @var array<string, Skeleton> the same */
    private static array $restBodies = [];

    /**
     * The pose of one step of a rung, whose hands have been brought to where they lie.
     *
     * @param Footing|null $footing what feet stand on; null for what lies there while that side is named
     */
    public static function step(Variation $variation, Angles $angles, DrawnSeat $seat, Side $named, ?Footing $footing = null): Pose
    {
        return self::pose($angles, $seat, $named, $variation->body, $variation->position, $footing ?? Footing::of($variation, $named), self::stepsBack($variation->body, $variation->angles, $seat));
    }

    /**
     * How far somebody steps back from the chair they hold, in units, so that their arms come to it as long as they are written.
     *
     * @param array<Angles> $steps as they are written
     */
    public static function stepsBack(BodyUse $use, array $steps, DrawnSeat $seat): float
    {
        $holding = [];
        foreach ($seat === DrawnSeat::Standing ? $use->hands : [] as $hand) {
            $holding = $hand->on === HandPlace::Backrest ? [...$holding, ...array_filter($hand->who->sides(Side::Left))] : $holding;
        }
        [$wished, $reached] = [0.0, self::FURTHEST];
        foreach ($holding === [] ? [] : $steps as $angles) {
            $pose = Pose::of($angles->keyed(Side::Left), $seat);
            if (Skeleton::bow($pose) <= self::BOWS) {
                continue;
            }
            $body = Skeleton::of($pose, $seat);
            foreach (array_filter($holding, static fn (Side $side): bool => !$pose->restsArm($side)) as $side) {
                $shoulder = $body->point("shoulder-$side->value");
                $reach = sqrt(max(0.0, self::ARM ** 2 - ($shoulder->y - HandPlaces::RAIL[0]) ** 2));
                $wished = max($wished, $body->point("hand-$side->value")->z - HandPlaces::RAIL[1]);
                // No further than the arms reach in every step.
                $reached = min($reached, $shoulder->z + $reach - HandPlaces::RAIL[1]);
            }
        }

        return max(0.0, min($wished, $reached));
    }

    public static function rest(DrawnSeat $seat, Position $position = Position::Upright): Pose
    {
        return self::$rests["$seat->value/$position->value"] ??= self::pose(new Angles([]), $seat, Side::Left, new BodyUse(), $position);
    }

    public static function restBody(DrawnSeat $seat, Position $position = Position::Upright): Skeleton
    {
        return self::$restBodies["$seat->value/$position->value"] ??= Skeleton::of(self::rest($seat, $position), $seat);
    }

    /** @param float $back units by which somebody who bows to the chair before them has stepped back from it */
    public static function pose(Angles $angles, DrawnSeat $seat, Side $named, BodyUse $body, Position $position, ?Footing $footing = null, float $back = 0.0): Pose
    {
        $isWide = $position === Position::Wide && $seat->restingHip() === 90;
        $keyed = $angles->keyed($named);
        if ($position === Position::Supported && SeatMeasures::hasUprightBack($seat)) {
            // Who leans on the backrest does so unless the trunk is taken forward from it.
            $keyed[JointAction::HipHinge->value . ':mid'] ??= self::LEANS_BACK;
        }
        if ($back > 0.0 && Skeleton::bow(Pose::of($keyed, $seat)) > self::BOWS) {
            $keyed[Pose::STEPS_BACK] = (int) round($back);
        }
        $pose = LegReach::settled(Pose::of($keyed, $seat, $isWide), $seat, $body->works(Effort::Lift), $body->legs, $named, $footing?->during($angles, $named));

        return $seat === DrawnSeat::FlatBed ? $pose : self::handsAtRest($pose, $seat, $position);
    }

    /** @param array<string, float> $angles degrees by joint action */
    private static function isHeldUp(array $angles): bool
    {
        return max($angles[JointAction::ShoulderFlexion->value] ?? 0.0, $angles[JointAction::ShoulderAbduction->value] ?? 0.0) > self::AT_REST;
    }

    private static function handsAtRest(Pose $pose, DrawnSeat $seat, Position $position): Pose
    {
        $resting = array_filter(Side::cases(), $pose->restsArm(...));
        if ($resting === []) {
            return $pose;
        }
        $rest = self::$rests["$seat->value/$position->value"] ?? null;
        if ($rest !== null && $pose->sitsAs($rest)) {
            // Hands lie where they lay.
            return $pose->withArmsOf($rest, $resting);
        }
        $body = Skeleton::of($pose, $seat);
        foreach ($resting as $side) {
            $place = $seat === DrawnSeat::Standing ? HandPlace::Backrest : HandPlace::Thigh;
            foreach (HandPlaces::of($place, $side, false, $body, $seat) as $at) {
                $angles = ArmReach::atEase($body, $side, $at);
                // Not across the body, as to a thigh that lies over the other while the trunk is turned away from it.
                $across = $body->inTrunk($at->minus($body->point('chest')))->x * ($side === Side::Left ? 1 : -1);
                if ($angles !== null && !self::isHeldUp($angles) && $across < self::ACROSS) {
                    $pose = $pose->with($side, $angles);
                    break;
                }
                // An arm that would not reach, or would have to be held up for it, hangs as it does at rest.
            }
        }

        return $pose;
    }
}
