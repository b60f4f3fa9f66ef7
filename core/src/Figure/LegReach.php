<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\LegContact;

/**
 * Sets feet down: a leg that is not lifted stands on the floor or lies on the bed, and one that is laid on the other leg lies there.
 */
final readonly class LegReach
{
    /** Degrees by which a thigh must be raised from where it rests to be off what carries it. */
    private const RAISED = 1.5;
    /** Degrees of the knee under which a leg that is lifted is off the floor. */
    private const LONG_BELOW = 80.0;
    /** Rounds after which a foot behind has found its height. */
    private const SETTLES = 6;
    /** Halvings that find how far a thigh comes up with what its foot stands on. */
    private const FINDS = 14;
    /** Half the thickness of two legs that lie on each other, in units. */
    private const ON_THIGH = 5.6;
    private const ON_SHIN = 5.0;
    private const CROSSED = 3.6;
    /** Where on the other thigh or shin an ankle lies: share of its length. */
    private const ANKLE_AT = 0.68;
    private const SHIN_AT = 0.3;
    private const KNEE_AT = 0.8;

    /**
     * @param bool $lifts whether legs are lifted against their weight
     * @param Side $named the side whose leg is laid on the other
     * @param Footing|null $footing what a foot stands on that is higher than the floor
     */
    public static function settled(Pose $pose, DrawnSeat $seat, bool $lifts, ?LegContact $legs, Side $named, ?Footing $footing = null): Pose
    {
        if ($seat === DrawnSeat::Standing) {
            // Who stands comes down with bent knees: the whole figure is set on its feet.
            return $pose;
        }
        foreach (Side::cases() as $leg) {
            if ($legs === null || $leg !== $named) {
                $pose = self::setDown($pose, $seat, $lifts, $leg);
            }
        }

        foreach (Side::cases() as $leg) {
            $pose = $footing?->carries($leg, $pose) === true ? self::carried($pose, $seat, $leg, $footing) : $pose;
        }

        return $legs === null ? $pose : self::laidOn($pose, $seat, $legs, $named);
    }

    /** With an ankle as high over where a foot stands as it is carried; one that is laid up may be higher. The foot comes forward a little and stays flat. */
    private static function carried(Pose $pose, DrawnSeat $seat, Side $leg, Footing $footing): Pose
    {
        $hip = $pose->at(JointAction::HipFlexion, $leg);
        $knee = $pose->at(JointAction::KneeFlexion, $leg);
        $turn = cos(deg2rad(LegJoints::shownTurn($pose->at(JointAction::HipOutward, $leg) - $pose->at(JointAction::HipInward, $leg))));
        $bend = deg2rad($knee);
        $ankle = static function (float $more) use ($hip, $bend, $turn, $seat): float {
            $thigh = deg2rad($hip + $more + LegJoints::lying($seat));

            return -(Measures::THIGH + Measures::SHIN * cos($bend)) * cos($thigh) - Measures::SHIN * $turn * sin($bend) * sin($thigh);
        };
        $wanted = self::standsAt($seat) + $footing->height;
        if ($ankle(0.0) >= $wanted && !$footing->isStoodOn()) {
            return $pose;
        }
        // From where it sits on, or from where it is raised to already.
        [$low, $high] = [$footing->isStoodOn() ? -$footing->most : 0.0, max(0.0, max($hip, $seat->restingHip()) + $footing->most - $hip)];
        for ($round = 0; $round < self::FINDS; ++$round) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $ankle($middle) < $wanted ? [$middle, $high] : [$low, $middle];
        }

        $isFlat = $knee >= self::LONG_BELOW && $pose->at(JointAction::AnkleDown, $leg) === $pose->at(JointAction::AnkleUp, $leg);
        $tips = $hip + $low + LegJoints::lying($seat) - $knee;

        return $pose->with($leg, [JointAction::HipFlexion->value => $hip + $low] + ($isFlat ? [($tips > 0 ? JointAction::AnkleDown : JointAction::AnkleUp)->value => abs($tips)] : []));
    }

    /** Where an ankle is, over the hip joints, when its foot stands: as it does at rest. */
    private static function standsAt(DrawnSeat $seat): float
    {
        $thigh = deg2rad($seat->restingHip() + LegJoints::lying($seat));

        return -Measures::THIGH * cos($thigh) - Measures::SHIN * cos($thigh - deg2rad($seat->restingKnee()));
    }

    private static function setDown(Pose $pose, DrawnSeat $seat, bool $lifts, Side $leg): Pose
    {
        return $pose->with($leg, Kept::of('legs set down', $seat->value . ($lifts ? 'lifts' : '') . $pose->leg($leg), static fn (): array => self::down($pose, $seat, $lifts, $leg)));
    }

    /** @return array<string, float> degrees by joint action, where a leg is not lifted */
    private static function down(Pose $pose, DrawnSeat $seat, bool $lifts, Side $leg): array
    {
        $hip = $pose->at(JointAction::HipFlexion, $leg);
        $knee = $pose->at(JointAction::KneeFlexion, $leg);
        // Lying flat, a knee that is bent about twice as far as the hip means a foot that stands on the bed.
        $isRaised = $seat === DrawnSeat::FlatBed ? $hip > $knee / 2 + 15 : $hip > $seat->restingHip() + self::RAISED;
        if ($isRaised || $lifts && $knee < self::LONG_BELOW && $knee < $seat->restingKnee()) {
            return [];
        }
        $tip = $pose->at(JointAction::AnkleDown, $leg) - $pose->at(JointAction::AnkleUp, $leg);
        $turn = LegJoints::shownTurn($pose->at(JointAction::HipOutward, $leg) - $pose->at(JointAction::HipInward, $leg));

        return self::standing($seat, $hip, $knee, $pose->at(JointAction::HipExtension, $leg), $tip, $turn);
    }

    /**
     * @param float $hip degrees that are written, as all that follow
     * @param float $behind how far the leg is behind
     * @param float $tip of the foot, toes down above 0
     * @param float $turn of the leg outwards, as it is drawn
     * @return array<string, float> degrees by joint action of a leg that stands
     */
    private static function standing(DrawnSeat $seat, float $hip, float $knee, float $behind, float $tip, float $turn): array
    {
        $height = self::standsAt($seat);
        if ($behind > 0 && $seat->restingHip() === 90) {
            $thigh = deg2rad(-$behind);
            $bend = 0.0;
            // A leg behind stands on the ball of its foot, the higher the further its shin leans.
            for ($round = 0; $round < self::SETTLES; ++$round) {
                $bend = $thigh + acos(max(-1.0, min(1.0, (-$height - Measures::THIGH * cos($thigh)) / Measures::SHIN)));
                $height = $seat->hasFloor() ? Measures::FLOOR + Measures::HIP_BELOW + LegJoints::ankleOver($bend - $thigh + deg2rad($tip)) : $height;
            }

            return [JointAction::KneeFlexion->value => rad2deg($bend)];
        }
        $along = -Measures::THIGH - Measures::SHIN * cos(deg2rad($knee));
        $aside = -Measures::SHIN * cos(deg2rad($turn)) * sin(deg2rad($knee));
        $reach = acos(max(-1.0, min(1.0, $height / hypot($along, $aside))));
        $written = $hip + LegJoints::lying($seat);
        $ways = array_map(static fn (float $way): float => self::within(rad2deg(atan2($aside, $along) + $way)), [$reach, -$reach]);
        usort($ways, static fn (float $a, float $b): int => abs($a - $written) <=> abs($b - $written));

        return [JointAction::HipFlexion->value => $ways[0] - LegJoints::lying($seat)];
    }

    /** Degrees between -90 and 270. */
    private static function within(float $degrees): float
    {
        return $degrees < -90 ? $degrees + 360 : ($degrees > 270 ? $degrees - 360 : $degrees);
    }

    private static function laidOn(Pose $pose, DrawnSeat $seat, LegContact $legs, Side $side): Pose
    {
        $other = $side->other();
        if ($legs === LegContact::ThighsCrossed) {
            // The leg below comes to the middle, or no thigh would lie over it.
            $pose = $pose->with($other, [JointAction::HipAdduction->value => LegJoints::KNEES_APART]);
        }
        $body = Skeleton::of($pose, $seat);
        $hip = $body->point("hip-$other->value");
        $knee = $body->point("knee-$other->value");
        $ankle = $body->point("ankle-$other->value");
        $thigh = $knee->minus($hip);
        $shin = $ankle->minus($knee);
        $over = static fn (Vector $way): Vector => $way->unit()->cross(new Vector(1, 0, 0))->unit();
        $target = match ($legs) {
            LegContact::AnkleOnThigh => $hip->plus($thigh, self::ANKLE_AT, $over($thigh), self::ON_THIGH),
            LegContact::AnkleOnShin => $knee->plus($shin, self::SHIN_AT, $over($shin), self::ON_SHIN),
            LegContact::AnklesCrossed => $ankle->plus($over($shin), self::CROSSED),
            LegContact::ThighsCrossed => $hip->plus($thigh, self::KNEE_AT, $over($thigh), self::ON_THIGH),
        };
        $way = $target->minus($body->point("hip-$side->value"));
        $way = $side === Side::Left ? $way->mirrored() : $way;
        $far = min(Measures::THIGH + Measures::SHIN - 0.1, $way->length());
        $bend = acos(max(-1.0, min(1.0, ($far ** 2 - Measures::THIGH ** 2 - Measures::SHIN ** 2) / (2 * Measures::THIGH * Measures::SHIN))));
        if ($legs === LegContact::ThighsCrossed) {
            return self::turned($pose, $seat, $side, $way->unit(), null, $pose->at(JointAction::KneeFlexion, $side));
        }
        $open = acos(max(-1.0, min(1.0, (Measures::THIGH ** 2 + $far ** 2 - Measures::SHIN ** 2) / (2 * Measures::THIGH * $far))));
        $along = $way->unit();
        // The knee falls outwards for an ankle that is laid on the other leg, and stays up for ankles that cross.
        $wanted = $legs === LegContact::AnklesCrossed ? new Vector(0, 1, 0) : new Vector(1, 0.35, 0);
        $out = $wanted->plus($along, -$wanted->dot($along))->unit();
        $upper = Vector::sum($along, cos($open), $out, sin($open));
        $hinge = Vector::sum($along, sin($open), $out, -cos($open));

        return self::turned($pose, $seat, $side, $upper, $hinge, rad2deg($bend));
    }

    /** A leg whose thigh points somewhere and whose knee bends towards somewhere, seen as a right leg. */
    private static function turned(Pose $pose, DrawnSeat $seat, Side $side, Vector $thigh, ?Vector $hinge, float $knee): Pose
    {
        $flexion = acos(max(-1.0, min(1.0, -$thigh->y)));
        $out = atan2($thigh->x, $thigh->z);
        $turn = 0.0;
        if ($hinge !== null) {
            $back = (new Vector(0, -sin($flexion), -cos($flexion)))->yawed(rad2deg($out));
            $turn = LegJoints::realTurn(rad2deg(atan2(-$hinge->dot($thigh->cross($back)), $hinge->dot($back))));
        }
        $apart = rad2deg($out) - LegJoints::KNEES_APART;

        return $pose->with($side, [
            JointAction::HipFlexion->value => rad2deg($flexion) - LegJoints::lying($seat),
            JointAction::HipOutward->value => max(0.0, $turn),
            JointAction::HipInward->value => max(0.0, -$turn),
            JointAction::HipAbduction->value => max(0.0, $apart),
            JointAction::HipAdduction->value => max(0.0, -$apart),
            JointAction::KneeFlexion->value => $knee,
        ]);
    }
}
