<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;

/**
 * Brings a hand to a place: upper arm and forearm as a triangle between shoulder and place, turned about the line between
 * them to where the joints are most at ease and nearest to how the shape is written.
 */
final readonly class ArmReach
{
    /** The angles by which an arm is brought to a place. */
    public const ACTIONS = [
        JointAction::ShoulderFlexion, JointAction::ShoulderExtension, JointAction::ShoulderAbduction, JointAction::ShoulderAcross,
        JointAction::ShoulderInward, JointAction::ShoulderOutward, JointAction::ElbowFlexion, JointAction::WristFlexion, JointAction::WristExtension,
    ];
    /** How a hand may lie there: degrees by which the wrist bends more, and how far along the hand it touches. */
    private const HANDS = [[0, Measures::HAND], [25, Measures::FINGERS], [55, Measures::FINGERS]];
    /** Degrees between two places of the elbow that are tried. */
    private const SWIVEL = 30;
    /** Then finer, about the best of them. */
    private const FINER = [15, 8, 4];
    /** What a degree beyond the normal range costs against a degree away from the shape as written. */
    public const BEYOND = 25.0;
    /** What a joint at the end of its range costs; half way there a quarter of it. */
    private const STRAIN = 70.0;
    /** What an elbow or forearm in the middle of the body costs. */
    private const INSIDE = 400.0;
    /** What a unit costs by which an elbow or wrist sinks into a mattress. */
    private const SUNK = 60.0;
    /** What a unit short of the place costs. */
    public const SHORT = 60.0;
    /** Units within which a hand touches: skin gives, and fingers curl. */
    public const TOUCHES = 1.8;
    /** Units from the shoulder under which a place is reached with a closed elbow. */
    private const FOLDS = 8.0;
    /** Units by which a shoulder may move before the arm is brought there anew. */
    private const STILL = 0.2;
    /** A cost under which no other place is looked for. */
    private const AT_EASE = 90.0;
    /** Half the breadth and depth of ribs and pelvis, in units. */
    private const RIBS = [8.0, 4.5];
    /** How far they reach down from the shoulders, and where a forearm is looked at: units from its elbow. */
    private const RIBS_HIGH = 26.0;
    private const ALONG = [4.0, 8.0, 12.0, 15.0];

    /** @var array<string, int> the normal range of each action, degrees */
    private array $most;

    public function __construct(RangeTable $ranges)
    {
        $this->most = $ranges->normalEnds(...self::ACTIONS);
    }

    /**
     * The angles that bring a hand nearest to one of these places.
     *
     * @param non-empty-list<Vector> $places any of them will do
     * @param Pose $pose as it is written: what the arm does about it is kept as far as it can be
     * @return array<string, float> degrees by joint action, all of ACTIONS
     */
    public function angles(Skeleton $skeleton, Pose $pose, Side $side, array $places, DrawnSeat $seat): array
    {
        $lies = OnBack::of($skeleton, $side, $seat);
        $wished = [];
        foreach (self::ACTIONS as $action) {
            $wished[$action->value] = $pose->at($action, $side);
        }
        $chest = $skeleton->point('chest');
        $best = null;
        foreach ($places as $place) {
            $local = $skeleton->inTrunk($place->minus($chest));
            $target = $side === Side::Left ? $local->mirrored() : $local;
            foreach (self::HANDS as [$bent, $hand]) {
                $found = $this->solved($target, $pose->lift($side), $bent, $hand, $wished, $lies);
                if ($best === null || $found['cost'] < $best['cost']) {
                    $best = $found;
                }
                if ($best['cost'] < self::AT_EASE) {
                    break 2;
                }
            }
            $folded = $this->folded($target->minus(Skeleton::shoulderOf($pose->lift($side), $wished)), $wished, $lies);
            $best = $folded !== null && $folded['cost'] < $best['cost'] ? $folded : $best;
        }

        return $best['angles'];
    }

    /**
     * The arm to a place that is nearer to the shoulder than a closed elbow brings the hand; null where it is not.
     *
     * @param array<string, float> $wished
     * @return array{cost: float, angles: array<string, float>}|null
     */
    private function folded(Vector $target, array $wished, ?OnBack $lies): ?array
    {
        $closed = (float) $this->most['elbow-flexion'];

        return $target->length() > self::FOLDS ? null : FoldedArm::to(
            $target,
            $wished,
            $closed,
            fn (array $angles, Vector $upper, Vector $hinge): float => $this->cost(array_diff_key($angles, ['wrist-flexion' => true, 'wrist-extension' => true]), $wished, $upper, $hinge, INF) + self::SUNK * ($lies?->sunk($upper, $hinge, $closed) ?? 0.0),
            self::SHORT,
            self::TOUCHES,
        );
    }

    /**
     * The angles of an arm that rests on something; null where it does not reach there.
     *
     * @param float $beyond how far from the wrist the hand touches, in units
     * @param Vector|null $elbow the way from shoulder to elbow that is kept as far as may be; null for out and a little back
     * @return array<string, float>|null degrees by joint action
     */
    public static function atEase(Skeleton $skeleton, Side $side, Vector $place, float $beyond = Measures::HAND, ?Vector $elbow = null): ?array
    {
        $local = $skeleton->inTrunk($place->minus($skeleton->point("shoulder-$side->value")));
        $way = $side === Side::Left ? $local->mirrored() : $local;
        $lower = Measures::FOREARM + $beyond;
        $far = $way->length();
        if ($far > Measures::UPPER_ARM + $lower || $far < abs(Measures::UPPER_ARM - $lower)) {
            return null;
        }
        $along = $way->unit();
        $bend = rad2deg(acos(($far ** 2 - Measures::UPPER_ARM ** 2 - $lower ** 2) / (2 * Measures::UPPER_ARM * $lower)));
        $open = acos((Measures::UPPER_ARM ** 2 + $far ** 2 - $lower ** 2) / (2 * Measures::UPPER_ARM * $far));
        $kept = $elbow === null ? null : $skeleton->inTrunk($elbow);
        $wanted = ($side === Side::Left ? $kept?->mirrored() : $kept) ?? new Vector(0.45, -0.3, -0.85);
        $out = $wanted->plus($along, -$wanted->dot($along))->unit();
        $upper = Vector::sum($along, cos($open), $out, sin($open));
        $hinge = Vector::sum($along, sin($open), $out, -cos($open));

        return ArmAngles::of($upper, $hinge, $bend)[0];
    }

    /**
     * @param array<string, float> $wished
     * @return array{cost: float, angles: array<string, float>}
     */
    private function solved(Vector $target, float $lifted, int $bent, float $hand, array $wished, ?OnBack $lies): array
    {
        $wrist = $wished['wrist-extension'] - $wished['wrist-flexion'] - $bent;
        $lower = sqrt(Measures::FOREARM ** 2 + $hand ** 2 + 2 * Measures::FOREARM * $hand * cos(deg2rad($wrist)));
        $lag = atan2($hand * sin(deg2rad($wrist)), Measures::FOREARM + $hand * cos(deg2rad($wrist)));
        $wished = ['wrist-flexion' => max(0.0, -$wrist), 'wrist-extension' => max(0.0, $wrist)] + $wished;
        $angles = $wished;
        $cost = 0.0;
        // The shoulder rises with the arm: once as it is written, once as it came out.
        $shoulder = Skeleton::shoulderOf($lifted, $angles);
        for ($round = 0; $round < 2; ++$round) {
            $way = $target->minus($shoulder);
            // An elbow does not close fully: a place nearer than that is passed by the hand on its way.
            $closed = min(M_PI, max(0.0, deg2rad((float) $this->most['elbow-flexion']) - $lag));
            $nearest = sqrt(Measures::UPPER_ARM ** 2 + $lower ** 2 + 2 * Measures::UPPER_ARM * $lower * cos($closed));
            $far = max($nearest, min(Measures::UPPER_ARM + $lower - 0.01, $way->length()));
            $bend = acos(max(-1.0, min(1.0, ($far ** 2 - Measures::UPPER_ARM ** 2 - $lower ** 2) / (2 * Measures::UPPER_ARM * $lower)))) + $lag;
            $open = acos(max(-1.0, min(1.0, (Measures::UPPER_ARM ** 2 + $far ** 2 - $lower ** 2) / (2 * Measures::UPPER_ARM * $far))));
            [$cost, $angles] = $this->swivelled($way->unit(), $open, rad2deg($bend), $wished, $lies);
            $cost += self::SHORT * max(0.0, abs($way->length() - $far) - self::TOUCHES) + $bent;
            $before = $shoulder;
            $shoulder = Skeleton::shoulderOf($lifted, $angles);
            if ($shoulder->minus($before)->length() < self::STILL) {
                break;
            }
        }

        return ['cost' => $cost, 'angles' => $angles];
    }

    /**
     * @param Vector $along from the shoulder to the place, one unit long
     * @param float $open radians between that line and the upper arm
     * @param float $bend degrees of the elbow
     * @param array<string, float> $wished
     * @return array{float, array<string, float>} cost and angles
     */
    private function swivelled(Vector $along, float $open, float $bend, array $wished, ?OnBack $lies): array
    {
        $aside = $along->cross(abs($along->y) > 0.9 ? new Vector(0, 0, 1) : new Vector(0, 1, 0))->unit();
        $up = $aside->cross($along);
        $best = [INF, $wished];
        $at = 0;
        $try = function (int $swivel) use ($along, $open, $bend, $wished, $aside, $up, $lies, &$best, &$at): void {
            $c = cos(deg2rad($swivel));
            $s = sin(deg2rad($swivel));
            $out = new Vector($aside->x * $c + $up->x * $s, $aside->y * $c + $up->y * $s, $aside->z * $c + $up->z * $s);
            $co = cos($open);
            $so = sin($open);
            $upper = new Vector($along->x * $co + $out->x * $so, $along->y * $co + $out->y * $so, $along->z * $co + $out->z * $so);
            $hinge = new Vector($along->x * $so - $out->x * $co, $along->y * $so - $out->y * $co, $along->z * $so - $out->z * $co);
            $sunk = self::SUNK * ($lies?->sunk($upper, $hinge, $bend) ?? 0.0);
            foreach (ArmAngles::of($upper, $hinge, $bend) as $angles) {
                $cost = $sunk + $this->cost($angles, $wished, $upper, $hinge, $best[0] - $sunk);
                if ($cost < $best[0]) {
                    $best = [$cost, $angles + $wished];
                    $at = $swivel;
                }
            }
        };
        for ($swivel = 0; $swivel < 360; $swivel += self::SWIVEL) {
            $try($swivel);
        }
        foreach (self::FINER as $more) {
            $found = $at;
            $try($found - $more);
            $try($found + $more);
        }

        return $best;
    }

    /**
     * @param array<string, float> $angles
     * @param array<string, float> $wished
     * @param float $most from which it does not matter by how much more
     */
    private function cost(array $angles, array $wished, Vector $upper, Vector $hinge, float $most): float
    {
        $cost = 0.0;
        foreach ($angles as $action => $degrees) {
            $share = $degrees / $this->most[$action];
            $cost += abs($degrees - $wished[$action]) + self::STRAIN * $share * $share + self::BEYOND * (max(0.0, $degrees - $this->most[$action]) + max(0.0, -$degrees));
        }
        if ($cost >= $most) {
            return $cost;
        }
        $x = Measures::SHOULDER_HALF + $upper->x * Measures::UPPER_ARM;
        $z = $upper->z * Measures::UPPER_ARM;
        $isInside = abs($x) < self::RIBS[0] && abs($z) < self::RIBS[1] && $upper->y < 0;

        return $cost + ($isInside ? self::INSIDE : self::INSIDE * self::depth($upper, $hinge, $angles['elbow-flexion']));
    }

    /** How deep a forearm goes into ribs and belly: 1 at their middle, 0 where it stays outside. */
    private static function depth(Vector $upper, Vector $hinge, float $bend): float
    {
        $cos = cos(deg2rad($bend));
        $sin = sin(deg2rad($bend));
        $deepest = 0.0;
        foreach (self::ALONG as $far) {
            $upwards = Measures::UPPER_ARM + $cos * $far;
            $onwards = $sin * $far;
            $y = $upper->y * $upwards + $hinge->y * $onwards;
            if ($y < 0 && $y > -self::RIBS_HIGH) {
                $x = (Measures::SHOULDER_HALF + $upper->x * $upwards + $hinge->x * $onwards) / self::RIBS[0];
                $z = ($upper->z * $upwards + $hinge->z * $onwards) / self::RIBS[1];
                $deepest = max($deepest, 1.0 - sqrt($x * $x + $z * $z));
            }
        }

        return $deepest;
    }
}
