<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/**
 * Turns joint angles into points in the figure's room, limbs of fixed length.
 * The origin is between the hips; the floor lies FLOOR units below. Long because every joint of a body is in it.
 */
final class Skeleton
{
    public const FLOOR = -29.35;
    private const SPINE = 28.0;
    private const NECK = 11.6;
    public const UPPER_ARM = 16.0;
    public const FOREARM = 15.0;
    /** From the wrist to the middle of the hand, and to the last joint of its fingers. */
    public const HAND = 4.6;
    public const FINGERS = 8.0;
    public const THIGH = 24.0;
    public const SHIN = 24.0;
    private const FOOT = 8.0;
    /** Where heel and ball of a foot touch what it stands on: units ahead of the ankle and under it. */
    private const HEEL = [-1.9, 4.3];
    private const BALL = [7.4, 4.35];
    /** Height of the ankle over the sole of a foot that stands, and how much higher one may be that still stands. */
    public const ANKLE = 4.35;
    private const STANDS_WITHIN = 0.8;
    /** Degrees by which a leg may be turned, and a foot tipped to come flat. */
    private const STANDS_TURNED = 75.0;
    private const FLAT_WITHIN = 45.0;
    public const SHOULDER_HALF = 11.0;
    private const HIP_HALF = 5.0;
    /** Units by which a shoulder joint lies under the top of the spine, and rises for each degree of its lift and of an arm above its height. */
    private const SHOULDER_BELOW = 1.5;
    private const LIFTED = 0.22;
    private const RISES = 0.035;
    /** Units by which the hips go back for each degree of bowing while standing. */
    private const HIPS_BACK = 0.3;
    /** Share of the bend of both knees, beyond soft ones, that the thighs come forward while standing; the shins take the rest. */
    private const SQUAT = 0.85;
    /** Degrees up to which knees are only soft. */
    private const SOFT = 20.0;
    /** Units by which the hip joints lie under the middle of the pelvis. */
    public const HIP_BELOW = 1.0;
    /** Degrees between thigh and straight ahead when sitting at ease. */
    public const KNEES_APART = 13.0;
    /** The same for legs that are straight. */
    private const FEET_APART = 3.0;
    /** A leg laid across is drawn further turned than it is, or it could not be told from one that is not. */
    private const HIP_TURN_SHOWN = 1.9;

    private const OF_ARM = ['shoulder' => true, 'elbow' => true, 'wrist' => true, 'hand' => true, 'fingers' => true, 'thumb' => true];

    /**
     * @param array<string, Vector> $points those that are known; a limb's are worked out when one of them is asked for
     * @param array{Vector, Vector, Vector} $axes the trunk's directions: to the right, up along it, ahead
     */
    private function __construct(private array $points, private readonly array $axes, private readonly Pose $pose, private readonly DrawnSeat $seat)
    {
    }

    public static function of(Pose $pose, DrawnSeat $seat): self
    {
        // Who stands bends forward at the hips: the feet stay, the trunk comes forward and the hips go back.
        // Where both knees bend, the thighs take their share of the hips' bend, and the trunk what is left.
        $isStanding = $seat === DrawnSeat::Standing;
        $squat = $isStanding ? self::SQUAT * max(0.0, self::both($pose, JointAction::KneeFlexion) - self::SOFT) : 0.0;
        $bow = $isStanding ? max(0.0, self::both($pose, JointAction::HipFlexion) - $squat) : 0.0;
        $lean = $pose->at(JointAction::HipHinge) - $seat->recline() + $bow;
        $round = $pose->at(JointAction::TrunkFlexion) - $pose->at(JointAction::TrunkExtension);
        $side = $pose->towardsRight(JointAction::TrunkSide);
        $turn = $pose->towardsRight(JointAction::TrunkTurn);

        $up = new Vector(0, 1, 0);
        $hips = new Vector(0, 0, -self::HIPS_BACK * $bow);
        $lower = $up->rolled($side * 0.6)->pitched($lean + $round * 0.35);
        $upper = $up->rolled($side * 1.2)->pitched($lean + $round);
        $middle = $hips->plus($lower, self::SPINE / 2);
        $chest = $middle->plus($upper, self::SPINE / 2);
        $axes = array_map(static fn (Vector $v): Vector => $v->yawed($turn)->rolled($side * 1.2)->pitched($lean + $round), [new Vector(1, 0, 0), $up, new Vector(0, 0, 1)]);
        [$right, $along, $ahead] = $axes;
        $inTrunk = static fn (Vector $v): Vector => new Vector(
            $right->x * $v->x + $along->x * $v->y + $ahead->x * $v->z,
            $right->y * $v->x + $along->y * $v->y + $ahead->y * $v->z,
            $right->z * $v->x + $along->z * $v->y + $ahead->z * $v->z,
        );

        $nod = $pose->at(JointAction::NeckFlexion) - $pose->at(JointAction::NeckExtension);
        $tilt = $pose->towardsRight(JointAction::NeckSide);
        $look = $pose->towardsRight(JointAction::NeckTurn);
        $neck = $inTrunk($up->rolled($tilt)->pitched($nod));
        $head = $chest->plus($neck, self::NECK);
        // The nose sits a little below the middle of the head.
        $gaze = $inTrunk((new Vector(0, -0.26, 0.97))->yawed($look)->rolled($tilt)->pitched($nod));

        $points = ['hips' => $hips, 'middle' => $middle, 'chest' => $chest, 'head' => $head, 'nose' => $head->plus($gaze, 10.0)];
        if ($isStanding) {
            foreach (Side::cases() as $side) {
                $points += self::leg($pose, $side, $seat, $hips, $bow);
            }
            // Bent knees bring the body down and the hips back: the lower foot stays on the floor, and both where they were.
            $ahead = $squat > 0 ? ($points['ankle-left']->z + $points['ankle-right']->z) / 2 : 0.0;
            $sinks = new Vector(0, -self::HIP_BELOW - self::THIGH - self::SHIN - min($points['ankle-left']->y, $points['ankle-right']->y), -$ahead);
            $points = array_map(static fn (Vector $point): Vector => $point->plus($sinks), $points);
        }

        return new self($points, $axes, $pose, $seat);
    }

    /** Degrees by which both sides bend. */
    private static function both(Pose $pose, JointAction $action): float
    {
        return min($pose->at($action, Side::Left), $pose->at($action, Side::Right));
    }

    /**
     * The same body with legs of other lengths: thighs that come to a height of the knee, shins straight down, feet flat.
     *
     * @param float $knee height of the knees over the hips
     */
    public function withLegs(float $thigh, float $shin, float $knee): self
    {
        $points = $this->points;
        foreach (Side::cases() as $side) {
            $hip = $this->point("hip-$side->value");
            $rise = asin(max(-0.9, min(0.9, ($knee - $hip->y) / $thigh)));
            $aside = $this->point("knee-$side->value")->minus($hip)->x / self::THIGH;
            $points["hip-$side->value"] = $hip;
            $points["knee-$side->value"] = $hip->plus((new Vector($aside, sin($rise), cos($rise)))->unit(), $thigh);
            $ankle = $points["knee-$side->value"]->plus(new Vector(0, -$shin, 0));
            $points = ["ankle-$side->value" => $ankle, "toe-$side->value" => $ankle->plus(new Vector($aside, 0, 1), self::FOOT), "sole-$side->value" => $ankle->plus(new Vector(0, -1, 0))] + $points;
        }

        return new self($points, $this->axes, $this->pose, $this->seat);
    }

    /** The direction of something told as right, up and ahead of the trunk. */
    public function fromTrunk(Vector $v): Vector
    {
        [$right, $up, $ahead] = $this->axes;

        return Vector::sum($right, $v->x, $up, $v->y, $ahead, $v->z);
    }

    /** A direction as seen from the trunk: how far to its right, up along it and ahead. */
    public function inTrunk(Vector $v): Vector
    {
        [$right, $up, $ahead] = $this->axes;

        return new Vector($v->dot($right), $v->dot($up), $v->dot($ahead));
    }

    public function point(string $name): Vector
    {
        if (!isset($this->points[$name])) {
            [$part, $side] = Layers::named($name);
            $side = Side::from($side);
            $this->points += isset(self::OF_ARM[$part]) ? self::arm($this->pose, $side, $this->points['chest'], $this->axes) : self::keptLeg($this->pose, $side, $this->seat, $this->points['hips']);
        }

        return $this->points[$name];
    }

    /**
     * Where the right shoulder is, seen from the chest: it rises when it is lifted, and with an arm above shoulder height.
     *
     * @param array<string, float> $raised degrees by joint action
     */
    public static function shoulderOf(float $lifted, array $raised): Vector
    {
        $up = max($raised[JointAction::ShoulderFlexion->value], $raised[JointAction::ShoulderAbduction->value]);

        return new Vector(self::SHOULDER_HALF, $lifted * self::LIFTED + max(0, $up - 90) * self::RISES - self::SHOULDER_BELOW, 0);
    }

    /**
     * @param array{Vector, Vector, Vector} $axes the trunk's directions
     * @return array<string, Vector>
     */
    private static function arm(Pose $pose, Side $side, Vector $chest, array $axes): array
    {
        $at = static fn (JointAction $action): float => $pose->at($action, $side);
        $raise = $at(JointAction::ShoulderFlexion) - $at(JointAction::ShoulderExtension);
        $open = $at(JointAction::ShoulderAbduction);
        $bend = $at(JointAction::ElbowFlexion);
        $across = $at(JointAction::ShoulderAcross);
        $turn = $at(JointAction::ShoulderOutward) - $at(JointAction::ShoulderInward);
        $wrist = deg2rad($at(JointAction::WristExtension) - $at(JointAction::WristFlexion));
        $lifted = self::shoulderOf($at(JointAction::ShoulderLift), [JointAction::ShoulderFlexion->value => $raise, JointAction::ShoulderAbduction->value => $open]);
        // For the right arm; the left is its mirror image. Every direction is written out, because this is drawn from all day.
        [$co, $so, $cr, $sr, $ca, $sa] = [cos(deg2rad($open)), sin(deg2rad($open)), cos(deg2rad($raise)), sin(deg2rad($raise)), cos(deg2rad($across)), sin(deg2rad($across))];
        [$ct, $st, $cb, $sb, $cw, $sw] = [cos(deg2rad($turn)), sin(deg2rad($turn)), cos(deg2rad($bend)), sin(deg2rad($bend)), cos($wrist), sin($wrist)];
        // The upper arm opened, raised and taken across; what was ahead of it; and out of both.
        [$ux, $uy, $uz] = [$so * $ca - $co * $sr * $sa, -$co * $cr, $so * $sa + $co * $sr * $ca];
        [$fx, $fy, $fz] = [-$cr * $sa, $sr, $cr * $ca];
        [$ox, $oy, $oz] = [$fy * $uz - $fz * $uy, $fz * $ux - $fx * $uz, $fx * $uy - $fy * $ux];
        // Where the elbow bends to, the forearm, and where its thumb points.
        [$hx, $hy, $hz] = [$fx * $ct + $ox * $st, $fy * $ct + $oy * $st, $fz * $ct + $oz * $st];
        [$lx, $ly, $lz] = [$ux * $cb + $hx * $sb, $uy * $cb + $hy * $sb, $uz * $cb + $hz * $sb];
        [$tx, $ty, $tz] = [$hx * $cb - $ux * $sb, $hy * $cb - $uy * $sb, $hz * $cb - $uz * $sb];
        [$right, $along, $ahead] = $axes;
        $mirror = $side === Side::Left ? -1.0 : 1.0;
        $from = static fn (Vector $at, float $x, float $y, float $z, float $far): Vector => new Vector(
            $at->x + ($right->x * $x * $mirror + $along->x * $y + $ahead->x * $z) * $far,
            $at->y + ($right->y * $x * $mirror + $along->y * $y + $ahead->y * $z) * $far,
            $at->z + ($right->z * $x * $mirror + $along->z * $y + $ahead->z * $z) * $far,
        );
        $shoulder = $from($chest, $lifted->x, $lifted->y, $lifted->z, 1.0);
        $elbow = $from($shoulder, $ux, $uy, $uz, self::UPPER_ARM);
        $wristPoint = $from($elbow, $lx, $ly, $lz, self::FOREARM);
        [$px, $py, $pz] = [$lx * $cw - $tx * $sw, $ly * $cw - $ty * $sw, $lz * $cw - $tz * $sw];

        return [
            "shoulder-$side->value" => $shoulder,
            "elbow-$side->value" => $elbow,
            "wrist-$side->value" => $wristPoint,
            "hand-$side->value" => $from($wristPoint, $px, $py, $pz, self::HAND),
            "fingers-$side->value" => $from($wristPoint, $px, $py, $pz, self::FINGERS),
            // Where the thumb points while the forearm is turned neither up nor down.
            "thumb-$side->value" => $from($wristPoint, $tx, $ty, $tz, 1.0),
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

    /** @return array<string, Vector> the same points for a leg of someone who does not stand that is as it was */
    private static function keptLeg(Pose $pose, Side $side, DrawnSeat $seat, Vector $hips): array
    {
        return Kept::of("points of the $side->value leg", $seat->value . $pose->leg($side), static fn (): array => self::leg($pose, $side, $seat, $hips, 0.0));
    }

    /** @return array<string, Vector> */
    private static function leg(Pose $pose, Side $side, DrawnSeat $seat, Vector $hips, float $bow): array
    {
        $at = static fn (JointAction $action): float => $pose->at($action, $side);
        // Degrees of the thigh from straight down to straight ahead and up.
        $flexion = $at(JointAction::HipFlexion) - $at(JointAction::HipExtension) - $bow + self::lying($seat);
        $knee = $at(JointAction::KneeFlexion);
        $toes = $at(JointAction::AnkleDown) - $at(JointAction::AnkleUp);
        $out = ($seat->restingHip() === 90 ? self::KNEES_APART : self::FEET_APART) + $at(JointAction::HipAbduction) - $at(JointAction::HipAdduction);
        $turn = self::shownTurn($at(JointAction::HipOutward) - $at(JointAction::HipInward));

        // A foot on the floor is flat unless its ankle is told; one that tips lifts the ankle, and so the knee.
        $height = -self::HIP_BELOW - self::THIGH * cos(deg2rad($flexion)) - self::SHIN * cos(deg2rad($flexion - $knee));
        $stands = $seat->hasFloor() && abs($turn) < self::STANDS_TURNED && $height < self::FLOOR + self::ANKLE + self::STANDS_WITHIN;
        $tipped = $knee - $flexion;
        if (($stands || $seat === DrawnSeat::Standing) && $toes === 0.0 && abs($tipped) < self::FLAT_WITHIN) {
            $toes = -$tipped;
        }
        $heelsUp = $stands ? self::heelsUp(deg2rad($toes + $tipped)) : 0.0;
        $raised = deg2rad($flexion + $heelsUp);
        $bent = deg2rad($knee + $heelsUp);
        [$cf, $sf, $co, $so] = [cos($raised), sin($raised), cos(deg2rad($out)), sin(deg2rad($out))];
        [$ct, $st, $ck, $sk, $cp, $sp] = [cos(deg2rad($turn)), sin(deg2rad($turn)), cos($bent), sin($bent), cos(deg2rad($toes)), sin(deg2rad($toes))];
        // The thigh, and what is behind it: straight legs open sideways, bent ones swing out.
        [[$ux, $uy, $uz], [$bx, $by, $bz]] = $seat === DrawnSeat::Standing
            ? [[$cf * $so, -$cf * $co, $sf], [$sf * $so, -$sf * $co, -$cf]]
            : [[$sf * $so, -$cf, $sf * $co], [-$cf * $so, -$sf, -$cf * $co]];
        [$ax, $ay, $az] = [$uy * $bz - $uz * $by, $uz * $bx - $ux * $bz, $ux * $by - $uy * $bx];
        // Where the knee bends to, the shin, what is ahead of it, the foot, and where the sole faces.
        [$hx, $hy, $hz] = [$bx * $ct - $ax * $st, $by * $ct - $ay * $st, $bz * $ct - $az * $st];
        [$lx, $ly, $lz] = [$ux * $ck + $hx * $sk, $uy * $ck + $hy * $sk, $uz * $ck + $hz * $sk];
        [$dx, $dy, $dz] = [$ux * $sk - $hx * $ck, $uy * $sk - $hy * $ck, $uz * $sk - $hz * $ck];
        $mirror = $side === Side::Left ? -1.0 : 1.0;
        $hip = new Vector($hips->x + self::HIP_HALF * $mirror, $hips->y - self::HIP_BELOW, $hips->z);
        $kneePoint = new Vector($hip->x + $ux * $mirror * self::THIGH, $hip->y + $uy * self::THIGH, $hip->z + $uz * self::THIGH);
        $ankle = new Vector($kneePoint->x + $lx * $mirror * self::SHIN, $kneePoint->y + $ly * self::SHIN, $kneePoint->z + $lz * self::SHIN);

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
        return rad2deg(asin(max(0.0, min(0.5, (self::ankleOver($tip) - self::ANKLE) / self::THIGH))));
    }
}
