<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/**
 * The flesh on a skeleton: a body of no age, sex or race. Radii in units of 1.65 cm, after mean breadths and depths of seated adults
 * (Pheasant and Haslegrave, Bodyspace, 2006, halves of both sexes): thigh clearance 15 cm, chest depth 24, hip breadth 37,
 * head breadth 15, head length 19.
 */
final class Anatomy
{
    private const THIGH = [4.7, 3.35];
    private const SHIN = [3.3, 3.1, 1.95];
    private const UPPER_ARM = [3.15, 2.35];
    private const FOREARM = [2.4, 2.3, 1.5];
    private const SKULL = 5.3;
    /** Slices of the trunk from pelvis to upper chest: share of the spine, half the distance between its two columns, their radius, how far ahead of the spine. */
    private const TRUNK = [[0.04, 4.9, 4.5, -0.7], [0.3, 3.9, 4.3, 0.3], [0.55, 4.2, 4.3, 0.6], [0.78, 5.2, 4.2, 0.4]];
    /** Toes from the large to the small one: how far outwards each begins, its length from the ball, its radius. */
    private const TOES = [[-1.5, 3.3, 0.85], [-0.6, 3.1, 0.55], [0.1, 2.8, 0.52], [0.75, 2.4, 0.5], [1.35, 2.0, 0.48]];
    /** Toes are drawn further apart than they are, or nobody would see them spread. */
    private const TOES_SHOWN = 1.7;
    private const SHOULDERS = 3.0;
    /** Units by which a blade draws a shoulder back or forward for each degree of the arm, and at most: 4 cm. */
    private const BACK = 0.08;
    private const FORWARD = 0.03;
    private const BLADE = 2.4;
    /** Units over the floor up to which the ball of a foot stands on it. */
    private const ON_FLOOR = 2.2;
    /** Degrees by which a hand is turned palm down whose wrist bends or that circles, where its shape says nothing of it. */
    private const PALM_DOWN = 84.0;

    /**
     * @param array<string, Grip> $grips what each hand does, by side
     * @param bool $hasToes whether each toe is drawn by itself, in every step of a movement that spreads them
     * @return array<string, Flesh> by part: torso, shoulders, neck, head, nose, ear-left, upper-arm-left, forearm-left, hand-left, thigh-left, shin-left, foot-left and the same of the right
     */
    public static function of(Skeleton $body, Pose $pose, array $grips, bool $hasToes = false): array
    {
        [$left, $right] = [self::shoulder($body, $pose, Side::Left), self::shoulder($body, $pose, Side::Right)];
        $trunk = self::row($body->point('hips'), $body->point('middle'), $body->point('chest'), $body->fromTrunk(new Vector(1, 0, 0)), $body->fromTrunk(new Vector(0, 0, 1)));
        $parts = Kept::of('trunk', $trunk . self::row($left, $right), static fn (): array => ['torso' => self::trunk($body, $left, $right), 'shoulders' => self::shoulders($body, $left, $right)]);
        $parts += Kept::of('head', $trunk . self::row($body->point('head'), $body->point('nose')), static fn (): array => self::head($body));
        foreach ([[Side::Left, $left], [Side::Right, $right]] as [$side, $shoulder]) {
            $parts += self::keptArm($body, $pose, $side, $shoulder, $grips[$side->value]) + self::keptLeg($body, $pose, $side, $hasToes);
        }

        return $parts;
    }

    /** Points in a row: the same for those that are alike. */
    private static function row(Vector ...$points): string
    {
        $row = [];
        foreach ($points as $point) {
            $row[] = $point->x;
            $row[] = $point->y;
            $row[] = $point->z;
        }

        return pack('d*', ...$row);
    }

    /** One piece without its fingers and toes: enough for a shadow. */
    public static function rough(Skeleton $body, Pose $pose, string $piece): Flesh
    {
        [$name, $s] = Layers::named($piece);
        return match ($name) {
            'torso' => self::trunk($body, self::shoulder($body, $pose, Side::Left), self::shoulder($body, $pose, Side::Right)),
            'head' => self::head($body)['head'],
            'upper-arm' => self::limb($body, $s, ['shoulder' => self::UPPER_ARM[0], 'elbow' => self::UPPER_ARM[1]]),
            'lower-arm' => self::limb($body, $s, ['elbow' => self::FOREARM[0], 'wrist' => self::FOREARM[2], 'fingers' => 1.3]),
            'thigh' => self::limb($body, $s, ['hip' => self::THIGH[0], 'knee' => self::THIGH[1]]),
            default => self::limb($body, $s, ['knee' => self::SHIN[0], 'ankle' => self::SHIN[2], 'toe' => 1.4]),
        };
    }

    /** @param array<string, float> $joints radius by joint, one after the other */
    private static function limb(Skeleton $body, string $side, array $joints): Flesh
    {
        $flesh = new Flesh();
        foreach ($joints as $joint => $radius) {
            $flesh->ball($body->point("$joint-$side"), $radius, ...($flesh->balls === [] ? [] : [count($flesh->balls) - 1]));
        }

        return $flesh;
    }

    private static function trunk(Skeleton $body, Vector $leftShoulder, Vector $rightShoulder): Flesh
    {
        [$hips, $middle, $chest] = [$body->point('hips'), $body->point('middle'), $body->point('chest')];
        // A curve through all three: a back rounds and arches over its whole length.
        $bow = $middle->plus($middle, 1.0, $hips, -0.5, $chest, -0.5);
        $top = $body->fromTrunk(new Vector(1, 0, 0));
        $ahead = $body->fromTrunk(new Vector(0, 0, 1));
        $flesh = new Flesh();
        $left = $right = [];
        foreach (self::TRUNK as [$share, $half, $radius, $forward]) {
            $rest = 1 - $share;
            $centre = Vector::sum($hips, $rest * $rest, $bow, 2 * $share * $rest, $chest, $share * $share);
            $across = (new Vector($rest, 0, 0))->plus($top, $share)->unit();
            $centre = $centre->plus((new Vector(0, 0, $rest))->plus($ahead, $share)->unit(), $forward);
            $left[] = $flesh->ball($centre->plus($across, -$half), $radius, ...array_slice($left, -1));
            $right[] = $flesh->ball($centre->plus($across, $half), $radius, ...array_slice($right, -1));
        }
        $left[] = $flesh->ball($chest->plus($leftShoulder->minus($chest), 0.8), self::SHOULDERS, $left[3]);
        $right[] = $flesh->ball($chest->plus($rightShoulder->minus($chest), 0.8), self::SHOULDERS, $right[3]);
        for ($i = 0; $i < 4; ++$i) {
            $flesh->area($left[$i], $left[$i + 1], $right[$i + 1], $right[$i]);
        }
        $flesh->limbs[] = [$left[0], $right[0]];
        $nape = $flesh->ball(self::nape($body), 2.3, $left[4], $right[4]);
        $flesh->area($nape, $left[4], $right[4]);

        return $flesh;
    }

    /** From the neck down to both shoulders, which shows how they lift and draw back. */
    private static function shoulders(Skeleton $body, Vector ...$shoulders): Flesh
    {
        $flesh = new Flesh();
        $nape = $flesh->ball(self::nape($body), 1.9);
        foreach ($shoulders as $shoulder) {
            $flesh->ball($shoulder, self::SHOULDERS, $nape);
        }

        return $flesh;
    }

    /** A shoulder as its blade carries it: drawn back with an arm behind the body, forward with one across it. */
    private static function shoulder(Skeleton $body, Pose $pose, Side $side): Vector
    {
        $ahead = min(self::BLADE, $pose->at(JointAction::ShoulderAcross, $side) * self::FORWARD) - min(self::BLADE, $pose->at(JointAction::ShoulderExtension, $side) * self::BACK);

        return $body->point("shoulder-$side->value")->plus($body->fromTrunk(new Vector(0, 0, $ahead)));
    }

    private static function nape(Skeleton $body): Vector
    {
        return $body->point('chest')->plus($body->fromTrunk(new Vector(0, 1.5, -0.4)));
    }

    /** @return array<string, Flesh> */
    private static function head(Skeleton $body): array
    {
        $chest = $body->point('chest');
        $at = $body->point('head');
        $up = $at->minus($chest)->unit();
        $gaze = $body->point('nose')->minus($at);
        $gaze = $gaze->plus($up, -$gaze->dot($up))->unit();
        $right = $up->cross($gaze)->unit();

        $neck = new Flesh();
        $neck->ball($at->plus($up, -3.5, $gaze, -0.9), 2.5, $neck->ball($chest->plus($body->fromTrunk(new Vector(0, 2.2, -0.5))), 2.3));
        $head = new Flesh();
        $skull = $head->ball($at->plus($up, 0.7, $gaze, -0.8), self::SKULL);
        $face = $head->ball($at->plus($up, -0.4, $gaze, 1.1), 4.5, $skull);
        $head->ball($at->plus($up, -3.4, $gaze, 2.2), 2.9, $skull, $face);
        $nose = new Flesh();
        $nose->ball($at->plus($up, -1.2, $gaze, 5.9), 0.75, $nose->ball($at->plus($up, 0.9, $gaze, 5.0), 0.35));
        $ears = [];
        foreach (['ear-left' => -1, 'ear-right' => 1] as $name => $sign) {
            $ear = new Flesh();
            $ear->ball($at->plus($up, -1.1, $gaze, -0.5, $right, 4.9 * $sign), 0.8, $ear->ball($at->plus($up, 0.5, $gaze, -0.7, $right, 5.0 * $sign), 1.05));
            $ears[$name] = $ear;
        }

        return ['neck' => $neck, 'head' => $head, 'nose' => $nose] + $ears;
    }

    /** @return array<string, Flesh> the same for an arm that is as it was */
    private static function keptArm(Skeleton $body, Pose $pose, Side $side, Vector $shoulder, Grip $grip): array
    {
        $s = $side->value;
        $points = self::row($shoulder, $body->point("elbow-$s"), $body->point("wrist-$s"), $body->point("hand-$s"), $body->point("thumb-$s"), ...array_filter([$grip->facing, $grip->along]));
        $angles = pack('d*', $pose->at(JointAction::ForearmUp, $side), $pose->at(JointAction::ForearmDown, $side), $pose->at(JointAction::WristFlexion, $side), $pose->at(JointAction::WristExtension, $side), $grip->curl, $grip->spread);

        return Kept::of("arm-$s", "$points$angles{$grip->form?->value}", static fn (): array => self::arm($body, $pose, $side, $shoulder, $grip));
    }

    /** @return array<string, Flesh> */
    private static function arm(Skeleton $body, Pose $pose, Side $side, Vector $shoulder, Grip $grip): array
    {
        $s = $side->value;
        [$elbow, $wrist] = [$body->point("elbow-$s"), $body->point("wrist-$s")];
        $upper = new Flesh();
        $upper->ball($elbow, self::UPPER_ARM[1], $upper->ball($shoulder, self::UPPER_ARM[0]));
        $fore = new Flesh();
        $fore->ball($wrist, self::FOREARM[2], $fore->ball($elbow->plus($wrist->minus($elbow), 0.3), self::FOREARM[1], $fore->ball($elbow, self::FOREARM[0])));
        $hand = new Flesh();
        [$along, $thumb, $palm] = self::handAxes($body, $pose, $side, $grip);
        HandShape::add($hand, $wrist, $along, $thumb, $palm, $grip);

        return ["upper-arm-$s" => $upper, "forearm-$s" => $fore, "hand-$s" => $hand];
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
            $facing = $grip->facing->minus($wrist->plus($along, Skeleton::HAND));
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

    /** @return array<string, Flesh> the same for a leg that is as it was */
    private static function keptLeg(Skeleton $body, Pose $pose, Side $side, bool $hasToes): array
    {
        $s = $side->value;
        $points = self::row($body->point("hip-$s"), $body->point("knee-$s"), $body->point("ankle-$s"), $body->point("toe-$s"), $body->point("sole-$s"));

        return Kept::of("leg-$s", $points . $pose->foot($side) . ($hasToes ? 'toes' : ''), static fn (): array => self::leg($body, $pose, $side, $hasToes));
    }

    /** @return array<string, Flesh> */
    private static function leg(Skeleton $body, Pose $pose, Side $side, bool $hasToes): array
    {
        $s = $side->value;
        [$hip, $knee, $ankle] = [$body->point("hip-$s"), $body->point("knee-$s"), $body->point("ankle-$s")];
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
        if ($toes->y < 0 && $ball->y < Skeleton::FLOOR + self::ON_FLOOR) {
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
