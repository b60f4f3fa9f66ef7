<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/** Where the joints of a leg are, from its angles; the foot of one that stands is on what it stands on. */
final class LegJoints
{
    /** From the ankle to the toes. */
    public const FOOT = 8.0;
    /** Where heel and ball of a foot touch what it stands on: units ahead of the ankle and under it. */
    private const HEEL = [-1.9, 4.3];
    private const BALL = [7.4, 4.35];
    /** Units by which an ankle may be higher than that of a foot that stands, and still stand. */
    private const STANDS_WITHIN = 0.8;
    /** Degrees by which a leg may be turned, and a foot tipped to come flat. */
    private const STANDS_TURNED = 75.0;
    private const FLAT_WITHIN = 45.0;
    /** Half the distance between the hip joints. */
    private const HIP_HALF = 5.0;
    /** Degrees between thigh and straight ahead when sitting at ease. */
    public const KNEES_APART = 6.0;
    /** The same for legs that are straight. */
    private const FEET_APART = 3.0;
    /** A leg laid across is drawn further turned than it is, or it could not be told from one that is not. */
    private const HIP_TURN_SHOWN = 1.9;

    /** @return array<string, Vector> the points of a leg of someone who does not stand; the same for one that is as it was */
    public static function kept(Pose $pose, Side $side, DrawnSeat $seat, Vector $hips): array
    {
        return Kept::of("points of the $side->value leg", $seat->value . $pose->leg($side), static fn (): array => self::of($pose, $side, $seat, $hips, 0.0));
    }

    /** @return array<string, Vector> hip, knee, ankle and toe, and where the sole faces; $bow: degrees by which who stands bows */
    public static function of(Pose $pose, Side $side, DrawnSeat $seat, Vector $hips, float $bow): array
    {
        // Degrees of the thigh from straight down to straight ahead and up.
        $flexion = $pose->at(JointAction::HipFlexion, $side) - $pose->at(JointAction::HipExtension, $side) - $bow + self::lying($seat);
        $knee = $pose->at(JointAction::KneeFlexion, $side);
        $toes = $pose->at(JointAction::AnkleDown, $side) - $pose->at(JointAction::AnkleUp, $side);
        $out = ($seat->restingHip() === 90 ? self::KNEES_APART : self::FEET_APART) + $pose->at(JointAction::HipAbduction, $side) - $pose->at(JointAction::HipAdduction, $side);
        $turn = self::shownTurn($pose->at(JointAction::HipOutward, $side) - $pose->at(JointAction::HipInward, $side));

        // A foot on the floor is flat unless its ankle is told; one that tips lifts the ankle, and so the knee.
        $height = -Measures::HIP_BELOW - Measures::THIGH * cos(deg2rad($flexion)) - Measures::SHIN * cos(deg2rad($flexion - $knee));
        $stands = $seat->hasFloor() && abs($turn) < self::STANDS_TURNED && $height < Measures::FLOOR + Measures::ANKLE + self::STANDS_WITHIN;
        $tipped = $knee - $flexion;
        if (($stands || $seat === DrawnSeat::Standing) && $toes === 0.0 && abs($tipped) < self::FLAT_WITHIN) {
            $toes = -$tipped;
        }
        $heelsUp = $stands ? self::heelsUp(deg2rad($toes + $tipped)) : 0.0;
        $raised = deg2rad($flexion + $heelsUp);
        $bent = deg2rad($knee + $heelsUp);
        $cf = cos($raised);
        $sf = sin($raised);
        $co = cos(deg2rad($out));
        $so = sin(deg2rad($out));
        $ct = cos(deg2rad($turn));
        $st = sin(deg2rad($turn));
        $ck = cos($bent);
        $sk = sin($bent);
        $cp = cos(deg2rad($toes));
        $sp = sin(deg2rad($toes));
        // The thigh, and what is behind it: straight legs open sideways, bent ones swing out.
        [[$ux, $uy, $uz], [$bx, $by, $bz]] = $seat === DrawnSeat::Standing
            ? [[$cf * $so, -$cf * $co, $sf], [$sf * $so, -$sf * $co, -$cf]]
            : [[$sf * $so, -$cf, $sf * $co], [-$cf * $so, -$sf, -$cf * $co]];
        $ax = $uy * $bz - $uz * $by;
        $ay = $uz * $bx - $ux * $bz;
        $az = $ux * $by - $uy * $bx;
        // Where the knee bends to, the shin, what is ahead of it, the foot, and where the sole faces.
        $hx = $bx * $ct - $ax * $st;
        $hy = $by * $ct - $ay * $st;
        $hz = $bz * $ct - $az * $st;
        $lx = $ux * $ck + $hx * $sk;
        $ly = $uy * $ck + $hy * $sk;
        $lz = $uz * $ck + $hz * $sk;
        $dx = $ux * $sk - $hx * $ck;
        $dy = $uy * $sk - $hy * $ck;
        $dz = $uz * $sk - $hz * $ck;
        $mirror = $side === Side::Left ? -1.0 : 1.0;
        $hip = new Vector($hips->x + self::HIP_HALF * $mirror, $hips->y - Measures::HIP_BELOW, $hips->z);
        $kneePoint = new Vector($hip->x + $ux * $mirror * Measures::THIGH, $hip->y + $uy * Measures::THIGH, $hip->z + $uz * Measures::THIGH);
        $ankle = new Vector($kneePoint->x + $lx * $mirror * Measures::SHIN, $kneePoint->y + $ly * Measures::SHIN, $kneePoint->z + $lz * Measures::SHIN);

        return [
            "hip-$side->value" => $hip,
            "knee-$side->value" => $kneePoint,
            "ankle-$side->value" => $ankle,
            "toe-$side->value" => new Vector(
                $ankle->x + ($dx * $cp + $lx * $sp) * $mirror * self::FOOT,
                $ankle->y + ($dy * $cp + $ly * $sp) * self::FOOT,
                $ankle->z + ($dz * $cp + $lz * $sp) * self::FOOT,
            ),
            // Where the sole faces.
            "sole-$side->value" => new Vector($ankle->x + ($lx * $cp - $dx * $sp) * $mirror, $ankle->y + $ly * $cp - $dy * $sp, $ankle->z + $lz * $cp - $dz * $sp),
        ];
    }

    /** Degrees by which a thigh at rest is turned up with what carries it. */
    public static function lying(DrawnSeat $seat): float
    {
        return match ($seat) {
            DrawnSeat::Bed => 16.0,
            DrawnSeat::FlatBed => 90.0,
            default => 0.0,
        };
    }

    /** Degrees by which a leg is drawn turned, and back. */
    public static function shownTurn(float $degrees): float
    {
        return $degrees * self::HIP_TURN_SHOWN;
    }

    public static function realTurn(float $shown): float
    {
        return $shown / self::HIP_TURN_SHOWN;
    }

    /** Height of an ankle over what its foot stands on, tipped by so many radians, toes down above 0. */
    public static function ankleOver(float $tip): float
    {
        [$ball, $under] = self::BALL;
        [$heel, $below] = self::HEEL;

        return max($ball * sin($tip) + $under * cos($tip), $heel * sin($tip) + $below * cos($tip));
    }

    /** Degrees by which a thigh rises when its foot is tipped on the floor by so many radians. */
    private static function heelsUp(float $tip): float
    {
        return rad2deg(asin(max(0.0, min(0.5, (self::ankleOver($tip) - Measures::ANKLE) / Measures::THIGH))));
    }
}
