<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/** The flesh of arms and legs. Radii of their balls from the trunk outwards, in units of 1.65 cm, after the measures that Anatomy names. */
final class LimbFlesh
{
    public const THIGH = [4.7, 3.35];
    public const SHIN = [3.3, 3.1, 1.95];
    public const UPPER_ARM = [3.15, 2.35];
    public const FOREARM = [2.4, 2.3, 1.5];
    /** Toes from the large to the small one: how far outwards each begins, its length from the ball, its radius. */
    private const TOES = [[-1.5, 3.3, 0.85], [-0.6, 3.1, 0.55], [0.1, 2.8, 0.52], [0.75, 2.4, 0.5], [1.35, 2.0, 0.48]];
    /** Toes are drawn further apart than they are, or nobody would see them spread. */
    private const TOES_SHOWN = 1.7;
    /** Units over the floor up to which the ball of a foot stands on it. */
    private const ON_FLOOR = 2.2;
    /** Degrees by which a hand is turned palm down whose wrist bends or that circles, where its shape says nothing of it. */
    private const PALM_DOWN = 84.0;

    /** @return array<string, Flesh> of upper arm, forearm and hand; the same for an arm that is as it was */
    public static function arm(Skeleton $body, Pose $pose, Side $side, Vector $shoulder, Grip $grip): array
    {
        $s = $side->value;
        $points = Vector::row($shoulder, $body->point("elbow-$s"), $body->point("wrist-$s"), $body->point("hand-$s"), $body->point("thumb-$s"), ...array_filter([$grip->facing, $grip->along]));
        $angles = pack('d*', $pose->at(JointAction::ForearmUp, $side), $pose->at(JointAction::ForearmDown, $side), $pose->at(JointAction::WristFlexion, $side), $pose->at(JointAction::WristExtension, $side), $grip->curl, $grip->spread);

        return Kept::of("arm-$s", "$points$angles{$grip->form?->value}", static fn (): array => self::fleshedArm($body, $pose, $side, $shoulder, $grip));
    }

    /** @return array<string, Flesh> */
    private static function fleshedArm(Skeleton $body, Pose $pose, Side $side, Vector $shoulder, Grip $grip): array
    {
        $s = $side->value;
        $elbow = $body->point("elbow-$s");
        $wrist = $body->point("wrist-$s");
        $upper = new Flesh();
        $upper->ball($elbow, self::UPPER_ARM[1], $upper->ball($shoulder, self::UPPER_ARM[0]));
        $fore = new Flesh();
        $fore->ball($wrist, self::FOREARM[2], $fore->ball($elbow->plus($wrist->minus($elbow), 0.3), self::FOREARM[1], $fore->ball($elbow, self::FOREARM[0])));
        [$along, $thumb, $palm] = self::handAxes($body, $pose, $side, $grip);

        return ["upper-arm-$s" => $upper, "forearm-$s" => $fore, "hand-$s" => HandShape::at($wrist, $along, $thumb, $palm, $grip)];
    }

    /** @return array{Vector, Vector, Vector} along the hand, to its thumb's edge, and where the palm faces */
    private static function handAxes(Skeleton $body, Pose $pose, Side $side, Grip $grip): array
    {
        $s = $side->value;
        $wrist = $body->point("wrist-$s");
        $lower = $wrist->minus($body->point("elbow-$s"))->unit();
        $sign = $side === Side::Right ? 1.0 : -1.0;
        $turned = $pose->at(JointAction::ForearmUp, $side) - $pose->at(JointAction::ForearmDown, $side);
        if ($grip->facing !== null && $turned === 0.0) {
            $along = $grip->along ?? $body->point("hand-$s")->minus($wrist)->unit();
            $facing = $grip->facing->minus($wrist->plus($along, Measures::HAND));
            $palm = $facing->plus($along, -$facing->dot($along));
            if ($palm->length() > 0.2) {
                $palm = $palm->unit();

                return [$along, $along->cross($palm)->times($sign), $palm];
            }
        }
        $wristBend = $pose->at(JointAction::WristFlexion, $side) - $pose->at(JointAction::WristExtension, $side);
        $turn = $turned === 0.0 && $wristBend !== 0.0 ? -self::PALM_DOWN : $turned;
        $thumb = $body->point("thumb-$s")->minus($wrist);
        $out = $thumb->cross($lower)->times($sign);
        $edge = Vector::sum($thumb, cos(deg2rad($turn)), $out, sin(deg2rad($turn)));
        $palm = $edge->cross($lower)->times(-$sign);
        $along = Vector::sum($lower, cos(deg2rad($wristBend)), $palm, sin(deg2rad($wristBend)));
        $palm = Vector::sum($palm, cos(deg2rad($wristBend)), $lower, -sin(deg2rad($wristBend)));

        return [$along, $edge, $palm];
    }

    /** @return array<string, Flesh> of thigh, shin and foot; the same for a leg that is as it was */
    public static function leg(Skeleton $body, Pose $pose, Side $side, bool $hasToes): array
    {
        $s = $side->value;
        $points = Vector::row($body->point("hip-$s"), $body->point("knee-$s"), $body->point("ankle-$s"), $body->point("toe-$s"), $body->point("sole-$s"));

        return Kept::of("leg-$s", $points . $pose->foot($side) . ($hasToes ? 'toes' : ''), static fn (): array => self::fleshedLeg($body, $pose, $side, $hasToes));
    }

    /** @return array<string, Flesh> */
    private static function fleshedLeg(Skeleton $body, Pose $pose, Side $side, bool $hasToes): array
    {
        $s = $side->value;
        $hip = $body->point("hip-$s");
        $knee = $body->point("knee-$s");
        $ankle = $body->point("ankle-$s");
        $thigh = new Flesh();
        $thigh->ball($knee, self::THIGH[1], $thigh->ball($hip, self::THIGH[0]));
        $ahead = $body->point("toe-$s")->minus($ankle)->unit();
        $under = $body->point("sole-$s")->minus($ankle)->unit();
        $down = $ankle->minus($knee);
        $shin = new Flesh();
        // The calf lies behind the bone.
        $calf = $knee->plus($down, 0.32, $ahead, -0.5);
        $shin->ball($ankle, self::SHIN[2], $shin->ball($calf, self::SHIN[1], $shin->ball($knee, self::SHIN[0])));

        $rolled = deg2rad($pose->at(JointAction::AnkleIn, $side) - $pose->at(JointAction::AnkleOut, $side));
        $sign = $side === Side::Right ? 1.0 : -1.0;
        $out = $ahead->cross($under)->times($sign);
        // A sole that faces inwards takes the toes inwards with it.
        $aside = $out->times(-sin($rolled) * 0.7);
        $ahead = $ahead->plus($aside)->unit();
        $edge = Vector::sum($out, cos($rolled), $under, sin($rolled));
        $sole = Vector::sum($under, cos($rolled), $out, -sin($rolled));
        $tip = deg2rad($pose->at(JointAction::ToesUp, $side) - $pose->at(JointAction::ToesCurl, $side));
        $toes = Vector::sum($ahead, cos($tip), $sole, -sin($tip));

        $ball = $ankle->plus($ahead, 7.3, $sole, 3.15);
        if ($toes->y < 0 && $ball->y < Measures::FLOOR + self::ON_FLOOR) {
            // Toes lie flat under a heel that lifts.
            $toes = (new Vector($toes->x, 0, $toes->z))->unit();
        }
        $foot = new Flesh();
        $joint = $foot->ball($ankle, 2.0);
        $heel = $foot->ball($ankle->plus($ahead, -1.8, $sole, 2.6), 1.7, $joint);
        $inner = $foot->ball($ball->plus($edge, -1.35), 1.2, $joint, $heel);
        $outer = $foot->ball($ball->plus($edge, 1.35, $ahead, -0.8), 1.1, $joint, $heel, $inner);
        $foot->area($joint, $inner, $outer);
        self::toes($foot, $ball, $edge, $toes, $hasToes ? $pose->at(JointAction::ToesSpread, $side) : null, $inner, $outer);

        return ["thigh-$s" => $thigh, "shin-$s" => $shin, "foot-$s" => $foot];
    }

    /** Together as one, from the large to the small one; five where each counts, so many degrees apart. */
    private static function toes(Flesh $foot, Vector $ball, Vector $edge, Vector $toes, ?float $spread, int $inner, int $outer): void
    {
        if ($spread === null) {
            $big = $foot->ball($ball->plus($edge, -1.2, $toes, 3.0), 0.95, $inner);
            $small = $foot->ball($ball->plus($edge, 1.2, $toes, 1.9), 0.8, $outer, $big);
            $foot->area($inner, $big, $small, $outer);

            return;
        }
        foreach (self::TOES as $i => [$aside, $long, $radius]) {
            // Each a little further from the middle one than its neighbour.
            $fan = deg2rad(self::TOES_SHOWN * $spread * ($i - 1.5));
            $way = Vector::sum($toes, cos($fan), $edge, sin($fan));
            $root = $foot->ball($ball->plus($edge, $aside, $toes, 0.4), $radius, $i < 3 ? $inner : $outer);
            $foot->ball($ball->plus($edge, $aside, $way, $long), $radius * 0.9, $root);
        }
    }
}
