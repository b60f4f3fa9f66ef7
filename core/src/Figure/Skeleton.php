<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/**
 * Turns joint angles into points in the figure's room, limbs of fixed length.
 * The origin is between the hips; the floor lies FLOOR units below.
 */
final class Skeleton
{
    private const SPINE = 28.0;
    private const NECK = 11.6;
    /** Share of a rounded back that its lower half takes. */
    private const LOWER = 0.35;
    /** Units by which a shoulder joint lies under the top of the spine, and rises for each degree of its lift and of an arm above its height. */
    private const SHOULDER_BELOW = 1.5;
    private const LIFTED = 0.22;
    private const RISES = 0.035;
    /** Share of the bend of both knees that the thighs come forward while standing; the shins take the rest. */
    private const SQUAT = 0.65;
    /** Degrees of bowing and bending from which both feet are taken to carry, and so to stay where they were. */
    private const STANDS = 10.0;

    private const OF_ARM = ['shoulder' => true, 'elbow' => true, 'wrist' => true, 'hand' => true, 'fingers' => true, 'thumb' => true];

    /**
     * @param array<string, Vector> $points those that are known; a limb's are worked out when one of them is asked for
     * @param array{Vector, Vector, Vector} $axes the trunk's directions: to the right, up along it, ahead
     * @param string|null $trunk what trunk and head were worked out of; null where they were moved
     */
    private function __construct(private array $points, private readonly array $axes, private readonly Pose $pose, private readonly DrawnSeat $seat, private readonly ?string $trunk = null)
    {
    }

    public static function of(Pose $pose, DrawnSeat $seat): self
    {
        if ($seat === DrawnSeat::Standing) {
            return self::standing($pose);
        }
        $trunk = $seat->value . $pose->trunk();
        [$points, $axes] = Kept::of('points of the trunk', $trunk, static fn (): array => self::trunk($pose, new Vector(0, 0, 0), $pose->at(JointAction::HipHinge) - $seat->recline(), $seat->recline() > 0, $seat === DrawnSeat::FlatBed));

        return new self($points, $axes, $pose, $seat, $trunk);
    }

    private static function standing(Pose $pose): self
    {
        // Who stands bends forward at the hips: the feet stay, the trunk comes forward.
        // Where both knees bend, the hips go back: the thighs take their share of the hips' bend, and the trunk what is left.
        $squat = self::squat($pose);
        $bow = self::bow($pose);
        [$points, $axes] = self::trunk($pose, new Vector(0, 0, 0), $pose->at(JointAction::HipHinge) + $bow);
        foreach (Side::cases() as $side) {
            $points += LegJoints::of($pose, $side, DrawnSeat::Standing, $points['hips'], $bow);
        }
        // Knees that bend bring the body down: the lower foot stays on the floor, and both where they were.
        $ahead = min(1.0, ($bow + $squat) / self::STANDS) * ($points['ankle-left']->z + $points['ankle-right']->z) / 2;
        $sinks = new Vector(0, -Measures::HIP_BELOW - Measures::THIGH - Measures::SHIN - min($points['ankle-left']->y, $points['ankle-right']->y), -$ahead - $pose->stepsBack());

        return new self(array_map(static fn (Vector $point): Vector => $point->plus($sinks), $points), $axes, $pose, DrawnSeat::Standing);
    }

    /** Degrees by which who stands bends forward at the hips. */
    public static function bow(Pose $pose): float
    {
        return max(0.0, self::both($pose, JointAction::HipFlexion) - self::squat($pose));
    }

    /** Degrees by which the thighs come forward where both knees bend. */
    private static function squat(Pose $pose): float
    {
        return self::SQUAT * max(0.0, self::both($pose, JointAction::KneeFlexion));
    }

    /**
     * Trunk, neck and head.
     *
     * @param float $lean degrees by which the whole trunk leans forward
     * @param bool $lies whether the back lies on something: then an arch lifts its middle, and a head that tips back turns where it is
     * @param bool $isFlat whether it is a mattress: then who turns does so over one shoulder, which stays where it lies
     * @return array{array<string, Vector>, array{Vector, Vector, Vector}} points, and the trunk's directions
     */
    private static function trunk(Pose $pose, Vector $hips, float $lean, bool $lies = false, bool $isFlat = false): array
    {
        $round = $pose->at(JointAction::TrunkFlexion) - $pose->at(JointAction::TrunkExtension);
        $arches = $lies && $round < 0;
        $side = $pose->towardsRight(JointAction::TrunkSide);
        $turn = $pose->towardsRight(JointAction::TrunkTurn);
        $nod = $pose->at(JointAction::NeckFlexion) - $pose->at(JointAction::NeckExtension);
        $tilt = $pose->towardsRight(JointAction::NeckSide);
        $look = $pose->towardsRight(JointAction::NeckTurn);
        $up = new Vector(0, 1, 0);
        [$low, $high] = $arches ? [$round * (self::LOWER - 1) / 2, $round * (1 - self::LOWER) / 2] : [$round * self::LOWER, $round];
        $lower = $up->rolled($side * 0.6)->pitched($lean + $low);
        $upper = $up->rolled($side * 1.2)->pitched($lean + $high);
        $rises = $isFlat ? Measures::SHOULDER_HALF * abs(sin(deg2rad($turn))) : 0.0;
        $front = (new Vector(0, 0, $rises))->pitched($lean);
        $middle = $hips->plus($lower, self::SPINE / 2, $front, 0.5);
        $chest = $middle->plus($upper, self::SPINE / 2, $front, 0.5);
        $axes = array_map(static fn (Vector $v): Vector => $v->yawed($turn)->rolled($side * 1.2)->pitched($lean + $high), [new Vector(1, 0, 0), $up, new Vector(0, 0, 1)]);
        [$right, $along, $ahead] = $axes;
        $inTrunk = static fn (Vector $v): Vector => new Vector(
            $right->x * $v->x + $along->x * $v->y + $ahead->x * $v->z,
            $right->y * $v->x + $along->y * $v->y + $ahead->y * $v->z,
            $right->z * $v->x + $along->z * $v->y + $ahead->z * $v->z,
        );
        $neck = $inTrunk($up->rolled($tilt)->pitched($arches || $lies && $nod < 0 ? max(-$high, $nod) : $nod));
        $head = $chest->plus($neck, self::NECK);
        // The nose sits a little below the middle of the head.
        $gaze = $inTrunk((new Vector(0, -0.26, 0.97))->yawed($look)->rolled($tilt)->pitched($nod));

        return [['hips' => $hips, 'middle' => $middle, 'chest' => $chest, 'head' => $head, 'nose' => $head->plus($gaze, 10.0)], $axes];
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
            $aside = $this->point("knee-$side->value")->minus($hip)->x / Measures::THIGH;
            $points["hip-$side->value"] = $hip;
            $points["knee-$side->value"] = $hip->plus((new Vector($aside, sin($rise), cos($rise)))->unit(), $thigh);
            $ankle = $points["knee-$side->value"]->plus(new Vector(0, -$shin, 0));
            $points = ["ankle-$side->value" => $ankle, "toe-$side->value" => $ankle->plus(new Vector($aside, 0, 1), LegJoints::FOOT), "sole-$side->value" => $ankle->plus(new Vector(0, -1, 0))] + $points;
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

    /** @return array{Vector, Vector, Vector} the head's directions: to the right, up, and where it looks; each a unit long, square to the others */
    public function headAxes(): array
    {
        $up = $this->point('head')->minus($this->point('chest'))->unit();
        $gaze = $this->point('nose')->minus($this->point('head'));
        $gaze = $gaze->plus($up, -$gaze->dot($up))->unit();

        return [$up->cross($gaze)->unit(), $up, $gaze];
    }

    public function point(string $name): Vector
    {
        return $this->points[$name] ?? $this->ofLimb($name);
    }

    private function ofLimb(string $name): Vector
    {
        [$part, $side] = Layers::named($name);
        $side = Side::from($side);
        $this->points += isset(self::OF_ARM[$part]) ? $this->keptArm($side) : LegJoints::kept($this->pose, $side, $this->seat, $this->points['hips']);

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

        return new Vector(Measures::SHOULDER_HALF, $lifted * self::LIFTED + max(0, $up - 90) * self::RISES - self::SHOULDER_BELOW, 0);
    }

    /** @return array<string, Vector> the points of an arm; the same for one that is as it was, on a trunk that is as it was */
    private function keptArm(Side $side): array
    {
        $arm = fn (): array => self::arm($this->pose, $side, $this->points['chest'], $this->axes);

        return $this->trunk === null ? $arm() : Kept::of("points of the $side->value arm", $this->trunk . $this->pose->arm($side), $arm);
    }

    /**
     * @param array{Vector, Vector, Vector} $axes the trunk's directions
     * @return array<string, Vector>
     */
    private static function arm(Pose $pose, Side $side, Vector $chest, array $axes): array
    {
        $raise = $pose->at(JointAction::ShoulderFlexion, $side) - $pose->at(JointAction::ShoulderExtension, $side);
        $open = $pose->at(JointAction::ShoulderAbduction, $side);
        $bend = $pose->at(JointAction::ElbowFlexion, $side);
        $across = $pose->at(JointAction::ShoulderAcross, $side);
        $turn = $pose->at(JointAction::ShoulderOutward, $side) - $pose->at(JointAction::ShoulderInward, $side);
        $wrist = deg2rad($pose->at(JointAction::WristExtension, $side) - $pose->at(JointAction::WristFlexion, $side));
        $lifted = self::shoulderOf($pose->lift($side), [JointAction::ShoulderFlexion->value => $raise, JointAction::ShoulderAbduction->value => $open]);
        // For the right arm; the left is its mirror image. Every direction is written out, because this is drawn from all day.
        $co = cos(deg2rad($open));
        $so = sin(deg2rad($open));
        $cr = cos(deg2rad($raise));
        $sr = sin(deg2rad($raise));
        $ca = cos(deg2rad($across));
        $sa = sin(deg2rad($across));
        $ct = cos(deg2rad($turn));
        $st = sin(deg2rad($turn));
        $cb = cos(deg2rad($bend));
        $sb = sin(deg2rad($bend));
        $cw = cos($wrist);
        $sw = sin($wrist);
        // The upper arm opened, raised and taken across; what was ahead of it; and out of both.
        $ux = $so * $ca - $co * $sr * $sa;
        $uy = -$co * $cr;
        $uz = $so * $sa + $co * $sr * $ca;
        $fx = -$cr * $sa;
        $fy = $sr;
        $fz = $cr * $ca;
        $ox = $fy * $uz - $fz * $uy;
        $oy = $fz * $ux - $fx * $uz;
        $oz = $fx * $uy - $fy * $ux;
        // Where the elbow bends to, the forearm, and where its thumb points.
        $hx = $fx * $ct + $ox * $st;
        $hy = $fy * $ct + $oy * $st;
        $hz = $fz * $ct + $oz * $st;
        $lx = $ux * $cb + $hx * $sb;
        $ly = $uy * $cb + $hy * $sb;
        $lz = $uz * $cb + $hz * $sb;
        $tx = $hx * $cb - $ux * $sb;
        $ty = $hy * $cb - $uy * $sb;
        $tz = $hz * $cb - $uz * $sb;
        [$right, $along, $ahead] = $axes;
        $mirror = $side === Side::Left ? -1.0 : 1.0;
        $from = static fn (Vector $at, float $x, float $y, float $z, float $far): Vector => new Vector(
            $at->x + ($right->x * $x * $mirror + $along->x * $y + $ahead->x * $z) * $far,
            $at->y + ($right->y * $x * $mirror + $along->y * $y + $ahead->y * $z) * $far,
            $at->z + ($right->z * $x * $mirror + $along->z * $y + $ahead->z * $z) * $far,
        );
        $shoulder = $from($chest, $lifted->x, $lifted->y, $lifted->z, 1.0);
        $elbow = $from($shoulder, $ux, $uy, $uz, Measures::UPPER_ARM);
        $wristPoint = $from($elbow, $lx, $ly, $lz, Measures::FOREARM);
        $px = $lx * $cw - $tx * $sw;
        $py = $ly * $cw - $ty * $sw;
        $pz = $lz * $cw - $tz * $sw;

        return [
            "shoulder-$side->value" => $shoulder,
            "elbow-$side->value" => $elbow,
            "wrist-$side->value" => $wristPoint,
            "hand-$side->value" => $from($wristPoint, $px, $py, $pz, Measures::HAND),
            "fingers-$side->value" => $from($wristPoint, $px, $py, $pz, Measures::FINGERS),
            // Where the thumb points while the forearm is turned neither up nor down.
            "thumb-$side->value" => $from($wristPoint, $tx, $ty, $tz, 1.0),
        ];
    }
}
