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
    private const SKULL = 5.3;
    /** Slices of the trunk from pelvis to upper chest: share of the spine, half the distance between its two columns, their radius, how far ahead of the spine. */
    private const TRUNK = [[0.04, 4.9, 4.5, -0.7], [0.3, 3.9, 4.3, 0.3], [0.55, 4.2, 4.3, 0.6], [0.78, 5.2, 4.2, 0.4]];
    private const SHOULDERS = 3.0;
    /** Units by which a blade draws a shoulder back or forward for each degree of the arm, and at most: 4 cm. */
    private const BACK = 0.08;
    private const FORWARD = 0.03;
    private const BLADE = 2.4;

    /**
     * @param array<string, Grip> $grips what each hand does, by side
     * @param bool $hasToes whether each toe is drawn by itself, in every step of a movement that spreads them
     * @return array<string, Flesh> by part: torso, shoulders, neck, head, nose, ear-left, upper-arm-left, forearm-left, hand-left, thigh-left, shin-left, foot-left and the same of the right
     */
    public static function of(Skeleton $body, Pose $pose, array $grips, bool $hasToes = false): array
    {
        $left = self::shoulder($body, $pose, Side::Left);
        $right = self::shoulder($body, $pose, Side::Right);
        $trunk = Vector::row($body->point('hips'), $body->point('middle'), $body->point('chest'), $body->fromTrunk(new Vector(1, 0, 0)), $body->fromTrunk(new Vector(0, 0, 1)));
        $parts = Kept::of('trunk', $trunk . Vector::row($left, $right), static fn (): array => ['torso' => self::trunk($body, $left, $right), 'shoulders' => self::shoulders($body, $left, $right)]);
        $parts += Kept::of('head', $trunk . Vector::row($body->point('head'), $body->point('nose')), static fn (): array => self::head($body));
        foreach ([[Side::Left, $left], [Side::Right, $right]] as [$side, $shoulder]) {
            $parts += LimbFlesh::arm($body, $pose, $side, $shoulder, $grips[$side->value]) + LimbFlesh::leg($body, $pose, $side, $hasToes);
        }

        return $parts;
    }

    /** One piece without its fingers and toes: enough for a shadow. */
    public static function rough(Skeleton $body, Pose $pose, string $piece): Flesh
    {
        [$name, $s] = Layers::named($piece);
        return match ($name) {
            'torso' => self::trunk($body, self::shoulder($body, $pose, Side::Left), self::shoulder($body, $pose, Side::Right)),
            'head' => self::head($body)['head'],
            'upper-arm' => self::limb($body, $s, ['shoulder' => LimbFlesh::UPPER_ARM[0], 'elbow' => LimbFlesh::UPPER_ARM[1]]),
            'lower-arm' => self::limb($body, $s, ['elbow' => LimbFlesh::FOREARM[0], 'wrist' => LimbFlesh::FOREARM[2], 'fingers' => 1.3]),
            'thigh' => self::limb($body, $s, ['hip' => LimbFlesh::THIGH[0], 'knee' => LimbFlesh::THIGH[1]]),
            default => self::limb($body, $s, ['knee' => LimbFlesh::SHIN[0], 'ankle' => LimbFlesh::SHIN[2], 'toe' => 1.4]),
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
        $hips = $body->point('hips');
        $middle = $body->point('middle');
        $chest = $body->point('chest');
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
        [$right, $up, $gaze] = $body->headAxes();

        $neck = new Flesh();
        $neck->ball($at->plus($up, -3.5, $gaze, -0.9), 2.5, $neck->ball($chest->plus($body->fromTrunk(new Vector(0, 2.2, -0.5))), 2.3));
        $head = new Flesh();
        $skull = $head->ball($at->plus($up, 0.7, $gaze, -0.8), self::SKULL);
        $face = $head->ball($at->plus($up, -0.4, $gaze, 1.1), 4.5, $skull);
        $head->ball($at->plus($up, -3.0, $gaze, 1.9), 3.5, $skull, $face);
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
}
