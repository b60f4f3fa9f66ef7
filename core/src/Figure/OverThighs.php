<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/** Holds a hand that would go into a thigh over it: its elbow bends as much as it takes. */
final class OverThighs
{
    /** Units from the middle of a thigh under which a palm is in it. */
    private const IN = 2.6;
    /** Degrees by which an elbow bends for it at most, and the halvings that find them. */
    private const MOST = 32.0;
    private const FINDS = 5;

    /**
     * @param list<Side> $lying hands that have been brought to where they lie
     * @return array{Pose, Skeleton}
     */
    public static function held(Pose $pose, Skeleton $body, DrawnSeat $seat, array $lying): array
    {
        foreach (Side::cases() as $side) {
            if (in_array($side, $lying, true) || !self::isIn($body, $side)) {
                continue;
            }
            $bend = $pose->at(JointAction::ElbowFlexion, $side);
            [$low, $high] = [0.0, self::MOST];
            for ($round = 0; $round < self::FINDS; ++$round) {
                $middle = ($low + $high) / 2;
                $isIn = self::isIn(Skeleton::of($pose->with($side, [JointAction::ElbowFlexion->value => $bend + $middle]), $seat), $side);
                [$low, $high] = $isIn ? [$middle, $high] : [$low, $middle];
            }
            $pose = $pose->with($side, [JointAction::ElbowFlexion->value => $bend + $high]);
            $body = Skeleton::of($pose, $seat);
        }

        return [$pose, $body];
    }

    private static function isIn(Skeleton $body, Side $hand): bool
    {
        $palm = $body->point("hand-$hand->value");
        foreach (Side::cases() as $leg) {
            $hip = $body->point("hip-$leg->value");
            $knee = $body->point("knee-$leg->value");
            if ($palm->y < max($hip->y, $knee->y) + self::IN && $palm->from($hip, $knee) < self::IN) {
                return true;
            }
        }

        return false;
    }
}
