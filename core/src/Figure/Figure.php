<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Base;
use KindChair\Movement\JointAngle;
use KindChair\Movement\Movement;
use KindChair\Movement\Sides;
use KindChair\Movement\Variation;

/**
 * A person doing a movement, as shapes in a box of 100 x 100.
 *
 * Front figures are drawn as if you sat in the chair: their left is on the left of the page.
 * Side figures face right, the working side nearest.
 */
final readonly class Figure
{
    /** Degrees by which the front view looks down, so that thighs are seen. */
    private const LOOK_DOWN = 15.0;
    /** Parts of a limb: from which point to which, and how wide. */
    private const ARM = [
        'upper-arm' => ['shoulder', 'elbow', 6.0],
        'forearm' => ['elbow', 'wrist', 5.6],
        'hand' => ['wrist', 'hand', 5.2],
    ];
    private const LEG = [
        'thigh' => ['hip', 'knee', 6.6],
        'shin' => ['knee', 'ankle', 6.4],
        'foot' => ['ankle', 'toe', 5.4],
    ];

    /**
     * @param list<Shape> $shapes back to front
     * @param 'front'|'side' $view
     */
    private function __construct(public array $shapes, public string $view)
    {
    }

    /** The furthest shape of a variation, on one side. */
    public static function of(Movement $movement, Variation $variation, Base $base, Side $side): self
    {
        $angles = self::furthestStep($movement, $variation, $side);
        $seat = match ($base) {
            Base::Wheelchair => Seat::Wheelchair,
            Base::Bed => Seat::Bed,
            default => Seat::Chair,
        };
        $view = $seat === Seat::Bed ? 'side' : $movement->view;

        return self::draw(Pose::of($angles), $seat, $view, $side, $movement);
    }

    /** Someone sitting still. */
    public static function atRest(Base $base): self
    {
        if ($base === Base::Standing) {
            return self::draw(Pose::of(self::standingAngles()), Seat::Standing, 'side', Side::Left, null);
        }
        $seat = match ($base) {
            Base::Wheelchair => Seat::Wheelchair,
            Base::Bed => Seat::Bed,
            default => Seat::Chair,
        };

        return self::draw(Pose::of([]), $seat, $seat === Seat::Chair ? 'front' : 'side', Side::Left, null);
    }

    /** @return list<JointAngle> upright behind the chair, hands on its back */
    private static function standingAngles(): array
    {
        $angles = [];
        foreach (Side::cases() as $side) {
            $angles[] = new JointAngle(JointAction::HipFlexion, $side, 0);
            $angles[] = new JointAngle(JointAction::KneeFlexion, $side, 3);
            $angles[] = new JointAngle(JointAction::ShoulderFlexion, $side, 22);
            $angles[] = new JointAngle(JointAction::ElbowFlexion, $side, 42);
        }

        return $angles;
    }

    /** @return list<JointAngle> */
    private static function furthestStep(Movement $movement, Variation $variation, Side $side): array
    {
        $best = [];
        $most = -1;
        foreach ($movement->steps as $step) {
            $angles = $variation->angles[$step->id]->on($side);
            $size = 0;
            foreach ($angles as $angle) {
                if (in_array($angle->action->joint(), [Joint::Toes, Joint::Fingers, Joint::Wrist], true)) {
                    continue;
                }
                $rest = $angle->action === JointAction::KneeFlexion || $angle->action === JointAction::HipFlexion ? 90 : 0;
                // A bent elbow says less about a shape than what the arm does.
                $weight = $angle->action->joint() === Joint::Elbow ? 0.3 : 1.0;
                $size += abs($angle->degrees - $rest) * $weight;
            }
            if ($size > $most) {
                [$best, $most] = [$angles, $size];
            }
        }

        return $best;
    }

    /** @param 'front'|'side' $view */
    private static function draw(Pose $pose, Seat $seat, string $view, Side $side, ?Movement $movement): self
    {
        $skeleton = Skeleton::of($pose, $seat);
        $project = self::projection($view, $seat);
        $flat = static fn (string $name): array => $project($skeleton->point($name));
        $moving = self::movingParts($movement, $side);
        $shapes = self::furniture($seat, $view);
        $near = $view === 'side' ? $side : Side::Right;
        $far = $near->other();

        $limb = static fn (Side $which, string $kind, string $otherwise): array => self::limb(
            $flat,
            $which,
            $kind === 'arm' ? self::ARM : self::LEG,
            $moving,
            $otherwise === 'far' ? 'far' : 'body',
        );
        $head = [
            self::line('head', $moving, 'body', [...$flat('chest'), ...$flat('head')], 5.5),
            new Shape('disc', self::role('head', $moving, 'body'), $flat('head'), 8.6),
        ];
        if (in_array('head', $moving, true)) {
            $head[] = self::line('head', $moving, 'body', [...$flat('head'), ...$flat('nose')], 3.4);
        }

        if ($view === 'side') {
            $torso = self::line('torso', $moving, 'body', [...$flat('hips'), ...$flat('middle'), ...$flat('chest')], 12.0);
            $nearArm = $limb($near, 'arm', 'body');
            $nearLeg = $limb($near, 'leg', 'body');
            array_push($shapes, ...$limb($far, 'arm', 'far'), ...$limb($far, 'leg', 'far'));
            array_push($shapes, $torso, ...$head, ...self::halo($nearLeg), ...$nearLeg, ...self::halo($nearArm), ...$nearArm);
        } else {
            $outline = [...$flat('shoulder-left'), ...$flat('shoulder-right'), ...$flat('hip-right'), ...$flat('hip-left')];
            $arms = [...$limb(Side::Left, 'arm', 'body'), ...$limb(Side::Right, 'arm', 'body')];
            $shapes[] = new Shape('fill', self::role('torso', $moving, 'body'), $outline, 6.0);
            array_push($shapes, ...$limb(Side::Left, 'leg', 'body'), ...$limb(Side::Right, 'leg', 'body'));
            array_push($shapes, ...$head, ...self::halo($arms), ...$arms);
        }
        if (in_array('shoulders', $moving, true)) {
            $shapes[] = new Shape('line', 'moving', [...$flat('shoulder-left'), ...$flat('chest'), ...$flat('shoulder-right')], 5.6);
        }
        $arrow = $movement === null ? null : self::arrow($movement, $pose, $seat, $view, $side);
        if ($arrow !== null) {
            $shapes[] = $arrow;
        }

        return new self($shapes, $view);
    }

    /**
     * @param list<string> $moving
     * @param 'body'|'far' $otherwise
     * @return 'body'|'far'|'moving'
     */
    private static function role(string $part, array $moving, string $otherwise): string
    {
        return in_array($part, $moving, true) ? 'moving' : $otherwise;
    }

    /**
     * @param list<string> $moving
     * @param 'body'|'far' $otherwise
     * @param list<float> $points
     */
    private static function line(string $part, array $moving, string $otherwise, array $points, float $width): Shape
    {
        return new Shape('line', self::role($part, $moving, $otherwise), $points, $width);
    }

    /**
     * @param Closure(string): array{float, float} $flat a point of the skeleton on the page
     * @param array<string, array{string, string, float}> $parts
     * @param list<string> $moving
     * @param 'body'|'far' $otherwise
     * @return list<Shape>
     */
    private static function limb(Closure $flat, Side $side, array $parts, array $moving, string $otherwise): array
    {
        $lines = [];
        foreach ($parts as $part => [$from, $to, $width]) {
            $points = [...$flat("$from-$side->value"), ...$flat("$to-$side->value")];
            $lines[] = self::line("$part-$side->value", $moving, $otherwise, $points, $width);
        }

        return $lines;
    }

    /**
     * Paper around a limb that lies on top of the body, so that it can be told from it.
     *
     * @param list<Shape> $limb
     * @return list<Shape>
     */
    private static function halo(array $limb): array
    {
        return array_map(static fn (Shape $shape): Shape => new Shape('line', 'ghost', $shape->points, $shape->width + 2.8), $limb);
    }

    /**
     * @param 'front'|'side' $view
     * @return callable(Vector): array{float, float}
     */
    private static function projection(string $view, Seat $seat): callable
    {
        if ($seat === Seat::Standing) {
            return static fn (Vector $v): array => [36 + $v->z * 0.84, 52 - $v->y * 0.84];
        }
        if ($view === 'side') {
            $x = $seat === Seat::Bed ? 46.0 : 40.0;

            return static fn (Vector $v): array => [$x + $v->z, 64 - $v->y];
        }

        return static function (Vector $v): array {
            $seen = $v->pitched(self::LOOK_DOWN);

            return [50 + $v->x, 64 - $seen->y];
        };
    }

    /** @return list<string> the parts that take the region's colour */
    private static function movingParts(?Movement $movement, Side $side): array
    {
        $zone = $movement?->mainRegion()?->zone();
        if ($movement === null || $zone === null) {
            return [];
        }
        $sides = $movement->laterality->sides === Sides::OneSided ? [$side->value] : ['left', 'right'];
        $each = static fn (string ...$parts): array => array_merge(...array_map(
            static fn (string $part): array => array_map(static fn (string $side): string => "$part-$side", $sides),
            array_values($parts),
        ));

        return match ($zone) {
            Zone::Head => ['head'],
            Zone::Shoulders => ['shoulders', ...$each('upper-arm')],
            Zone::Arms => $movement->mainRegion() === Region::WristsHands ? $each('forearm', 'hand') : $each('upper-arm', 'forearm', 'hand'),
            Zone::Back => ['torso'],
            Zone::Hips => $each('thigh'),
            Zone::Legs => $each('thigh', 'shin'),
            Zone::Feet => $each('foot'),
        };
    }

    /**
     * The path that the moving part takes, drawn a little outside of it; none when it hardly moves.
     *
     * @param 'front'|'side' $view
     */
    private static function arrow(Movement $movement, Pose $pose, Seat $seat, string $view, Side $side): ?Shape
    {
        $project = self::projection($view, $seat);
        $end = Skeleton::of($pose, $seat);
        $turn = $pose->towardsRight(JointAction::TrunkTurn) + $pose->towardsRight(JointAction::NeckTurn);
        if ($view === 'front' && abs($turn) > 5) {
            $way = $turn > 0 ? 1 : -1;

            return self::arc($project($end->point('head')), 13.0, -90 - 42 * $way, -90 + 42 * $way);
        }
        $s = $side->value;
        $raises = $pose->at(JointAction::ShoulderFlexion, $side) > 40 || $pose->at(JointAction::ShoulderAbduction, $side) > 40;
        $traced = match ($movement->mainRegion()?->zone()) {
            Zone::Head, Zone::Back => 'head',
            Zone::Shoulders => $raises ? "hand-$s" : "shoulder-$s",
            Zone::Arms => "hand-$s",
            Zone::Hips, Zone::Legs => "knee-$s",
            Zone::Feet => "toe-$s",
            null => null,
        };
        if ($traced === 'knee-' . $s && $pose->at(JointAction::KneeFlexion, $side, 90) < 80) {
            $traced = "toe-$s";
        }
        if ($traced === null) {
            return null;
        }
        if ($movement->laterality->directions !== null) {
            return self::arc($project($end->point($traced)), 9.0, -200, 50);
        }
        $points = [];
        $length = 0.0;
        $last = null;
        foreach ([0.2, 0.4, 0.6, 0.8, 1.0] as $share) {
            $skeleton = Skeleton::of($pose->share($share), $seat);
            [$x, $y] = $project($skeleton->point($traced));
            [$cx, $cy] = $project($skeleton->point($traced === 'head' ? 'hips' : 'middle'));
            $away = max(0.1, hypot($x - $cx, $y - $cy));
            $out = $traced === 'head' ? 13.5 : 7;
            $x += ($x - $cx) / $away * $out;
            $y += ($y - $cy) / $away * $out;
            $length += $last === null ? 0 : hypot($x - $last[0], $y - $last[1]);
            $last = [$x, $y];
            array_push($points, $x, $y);
        }

        return $length < 3.5 ? null : new Shape('arrow', 'moving', $points, 3.0);
    }

    /** @param array{float, float} $centre */
    private static function arc(array $centre, float $radius, int $from, int $to): Shape
    {
        $points = [];
        for ($part = 0; $part <= 10; ++$part) {
            $angle = deg2rad($from + ($to - $from) * $part / 10);
            array_push($points, $centre[0] + $radius * cos($angle), $centre[1] + $radius * sin($angle));
        }

        return new Shape('arrow', 'moving', $points, 3.0);
    }

    /** @param list<float> $points */
    private static function seatLine(array $points, float $width = 3.7): Shape
    {
        return new Shape('line', 'seat', $points, $width);
    }

    /**
     * @param 'front'|'side' $view
     * @return list<Shape>
     */
    private static function furniture(Seat $seat, string $view): array
    {
        $line = self::seatLine(...);
        if ($seat === Seat::Standing) {
            return [
                $line([56.0, 44.0, 58.0, 72.0, 84.0, 72.0], 4.4),
                $line([58.0, 72.0, 56.0, 93.0]),
                $line([82.0, 72.0, 84.0, 93.0]),
            ];
        }
        if ($seat === Seat::Bed) {
            return [
                $line([6.0, 40.0, 15.0, 34.0, 47.0, 73.0, 96.0, 73.0], 5.0),
                $line([14.0, 73.0, 14.0, 93.0]),
                $line([90.0, 73.0, 90.0, 93.0]),
                $line([10.0, 79.0, 96.0, 79.0]),
            ];
        }
        if ($view === 'front') {
            $chair = [
                $line([35.0, 70.0, 35.0, 42.0, 38.0, 38.0, 62.0, 38.0, 65.0, 42.0, 65.0, 70.0]),
                $line([31.0, 70.0, 69.0, 70.0], 5.0),
                $line([34.0, 70.0, 34.0, 92.0]),
                $line([66.0, 70.0, 66.0, 92.0]),
            ];

            return $seat === Seat::Chair ? $chair : [
                ...array_slice($chair, 0, 2),
                $line([26.0, 62.0, 26.0, 92.0], 5.0),
                $line([74.0, 62.0, 74.0, 92.0], 5.0),
            ];
        }
        if ($seat === Seat::Wheelchair) {
            return [
                $line([22.0, 40.0, 28.0, 40.0, 31.0, 70.0, 62.0, 70.0]),
                $line([31.0, 57.0, 52.0, 57.0]),
                $line([60.0, 70.0, 66.0, 91.0, 74.0, 91.0]),
                new Shape('ring', 'seat', [37.0, 77.0], 16.0),
                new Shape('ring', 'seat', [62.0, 89.0], 4.0),
            ];
        }

        return [
            $line([28.0, 36.0, 30.0, 70.0, 62.0, 70.0], 4.4),
            $line([30.0, 70.0, 28.0, 93.0]),
            $line([59.0, 70.0, 61.0, 93.0]),
        ];
    }

    /** @return list<array{kind: string, role: string, width: float, points: list<float>}> */
    public function toArray(): array
    {
        return array_map(static fn (Shape $shape): array => $shape->toArray(), $this->shapes);
    }
}
