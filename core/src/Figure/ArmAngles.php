<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;

/** An arm, seen from the trunk and for the right side, in the angles that describe it. */
final class ArmAngles
{
    /**
     * An upper arm and the direction in which its elbow bends: raised forward and out to the side, or raised and taken across the body.
     *
     * @param Vector $upper one unit long, as is the hinge
     * @param float $bend degrees of the elbow
     * @return non-empty-list<array<string, float>> degrees by joint action
     */
    public static function of(Vector $upper, Vector $hinge, float $bend): array
    {
        $ways = [[0.0, acos(max(-1.0, min(1.0, -$upper->y))), atan2(-$upper->x, $upper->z)]];
        if ($upper->x >= 0) {
            $out = asin(min(1.0, $upper->x));
            $raise = atan2($upper->z, -$upper->y);
            $ways = [[$out, $raise, 0.0], [M_PI - $out, $raise > 0 ? $raise - M_PI : $raise + M_PI, 0.0]];
        }
        $all = [];
        foreach ($ways as [$out, $raise, $across]) {
            // Straight ahead of the arm, as the skeleton turns it: raised, then taken across.
            $forward = new Vector(-cos($raise) * sin($across), sin($raise), cos($raise) * cos($across));
            $turn = rad2deg(atan2($hinge->dot($forward->cross($upper)), $hinge->dot($forward)));
            $raise = rad2deg($raise);
            $all[] = [
                'shoulder-flexion' => max(0.0, $raise),
                'shoulder-extension' => max(0.0, -$raise),
                'shoulder-abduction' => rad2deg($out),
                'shoulder-across' => rad2deg($across),
                'shoulder-inward' => max(0.0, -$turn),
                'shoulder-outward' => max(0.0, $turn),
                'elbow-flexion' => $bend,
            ];
        }

        return $all;
    }

    /**
     * The same of two directions in the figure's room: of the upper arm, and of the forearm.
     *
     * @param Vector $upper one unit long, as is the other
     * @return non-empty-list<array<string, float>> degrees by joint action
     */
    public static function along(Skeleton $body, Side $side, Vector $upper, Vector $lower): array
    {
        [$upper, $lower] = [$body->inTrunk($upper), $body->inTrunk($lower)];
        [$upper, $lower] = $side === Side::Left ? [$upper->mirrored(), $lower->mirrored()] : [$upper, $lower];
        $along = max(-1.0, min(1.0, $upper->dot($lower)));
        $hinge = $lower->plus($upper, -$along);

        return self::of($upper, $hinge->length() < 0.01 ? new Vector(0, $upper->z, -$upper->y) : $hinge->unit(), rad2deg(acos($along)));
    }
}
