<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;

/** The way that the moving part takes, drawn a little outside of it. */
final readonly class Arrow
{
    /** Units under which a way is too short to draw, and under which that of an elbow tells too little of its hand. */
    private const SHORTEST = 8.0;
    private const ELBOW = 12.0;
    private const WIDTH = 1.7;
    /** Units of ground on either side of it, so that it is seen where it lies over what has its colour. */
    private const GROUND = 0.8;
    /** Units to which the way of a shoulder is drawn out, which is short and yet all there is to see; under the least there is none. */
    private const SHOULDER = 9.0;
    private const LEAST = 0.8;
    /** Radius of a circle's arrow; of two that would lie over each other, the least, and the distance under which one tells of both. */
    private const ROUND = 9.0;
    private const ROUND_LEAST = 5.5;
    private const ONE_FOR_BOTH = 6.0;
    /** How far beyond the page it may reach, to each side, and above and below. */
    private const BESIDE = 8.0;
    private const OVER = 5.0;
    /** Radius of a head on the page, in hundredths of it, over which no way is drawn. */
    private const FACE = 7.0;
    /** Length of the two lines of its head. */
    private const HEAD = 4.6;
    /** Shares of the way at which it is drawn, before its end. */
    private const ALONG = [0.35, 0.7];

    /**
     * One for each limb that is seen to move, at most two; none when the part hardly moves.
     *
     * @param bool $hasOther whether what moves on the other side is there as well
     * @return list<Shape>
     */
    public static function of(Movement $movement, Scene $scene, Pose $start, Posed $end, Side $side, bool $hasOther = true): array
    {
        if ($scene->strokes() !== []) {
            return self::strokes($scene);
        }
        $zone = $movement->mainRegion()?->zone();
        // A hand that opens or bends is seen closer; the way on which it came there is not the movement.
        if ($zone === null || $movement->mainRegion() === Region::WristsHands && $movement->laterality->directions === null) {
            return [];
        }
        $both = $hasOther && $movement->laterality->sides === SideUse::Together && $scene->view !== View::Side && !in_array($zone, [Zone::Head, Zone::Back], true);
        if (self::turns($zone, $scene, $end->pose)) {
            $way = $end->pose->towardsRight(JointAction::TrunkTurn) + $end->pose->towardsRight(JointAction::NeckTurn) > 0 ? 1 : -1;

            return self::arc($scene->camera->page($end->body->point('head')), 13.0, -90 - 42 * $way, -90 + 42 * $way);
        }
        if ($movement->laterality->directions !== null) {
            return self::circles($zone, $scene, $end, $both ? [$side->other(), $side] : [$side]);
        }
        if ($start === $end->pose) {
            return [];
        }
        $way = [];
        foreach (self::ALONG as $share) {
            $way[] = Skeleton::of($start->towards($end->pose, $share), $scene->seat);
        }
        $way[] = $end->body;

        return array_merge(...array_map(
            static fn (Side $limb): array => self::one($zone, $scene, $end, $way, $limb),
            $both ? Side::cases() : [$side],
        ));
    }

    /** @return list<Shape> where hands stroke along limbs, one each */
    private static function strokes(Scene $scene): array
    {
        return array_merge(...array_map(static fn (array $way): array => self::drawn(array_map($scene->camera->page(...), $way)), $scene->strokes()));
    }

    /** Whether head or trunk turn, which is told over the head. */
    private static function turns(Zone $zone, Scene $scene, Pose $end): bool
    {
        return $scene->view !== View::Side && abs($end->towardsRight(JointAction::TrunkTurn) + $end->towardsRight(JointAction::NeckTurn)) > 5 && in_array($zone, [Zone::Head, Zone::Back], true);
    }

    /**
     * Round the points that go in circles. Two that are near each other are drawn smaller and apart; of two that are together, the near one.
     *
     * @param non-empty-list<Side> $sides the near one last
     * @return list<Shape>
     */
    private static function circles(Zone $zone, Scene $scene, Posed $posed, array $sides): array
    {
        $centres = array_map(static fn (Side $side): array => $scene->camera->page($posed->body->point(self::traced($zone, $posed->pose, $side))), $sides);
        $radius = self::ROUND;
        if (count($sides) === 2) {
            [[$x, $y], [$toX, $toY]] = $centres;
            $apart = hypot($toX - $x, $toY - $y);
            if ($apart < self::ONE_FOR_BOTH) {
                [$sides, $centres] = [[$sides[1]], [$centres[1]]];
            } elseif ($apart < 2 * self::ROUND + self::HEAD) {
                $radius = min(self::ROUND, max(self::ROUND_LEAST, ($apart - self::HEAD) / 2));
                $more = max(0.0, 2 * $radius + self::HEAD - $apart) / 2 / $apart;
                $centres = [[$x - ($toX - $x) * $more, $y - ($toY - $y) * $more], [$toX + ($toX - $x) * $more, $toY + ($toY - $y) * $more]];
            }
        }

        $head = $scene->camera->page($posed->body->point('head'));
        $centres = array_map(static fn (array $centre): array => self::offFace($centre, $radius, $head), $centres);

        return array_merge(...array_map(static fn (Side $side, array $centre): array => $side === Side::Right
            ? self::arc($centre, $radius, 20, -230)
            : self::arc($centre, $radius, -200, 50), $sides, $centres));
    }

    /**
     * @param array{float, float} $centre of a circle
     * @param array{float, float} $head
     * @return array{float, float} so far away from the head that the circle does not go over it
     */
    private static function offFace(array $centre, float $radius, array $head): array
    {
        [$x, $y] = [$centre[0] - $head[0], $centre[1] - $head[1]];
        $apart = max(0.1, hypot($x, $y));
        $further = max(1.0, (self::FACE + $radius + self::WIDTH) / $apart);

        return [$head[0] + $x * $further, $head[1] + $y * $further];
    }

    /**
     * @param non-empty-list<Skeleton> $way from the start to the furthest pose
     * @return list<Shape>
     */
    private static function one(Zone $zone, Scene $scene, Posed $posed, array $way, Side $side): array
    {
        $traced = self::traced($zone, $posed->pose, $side);
        $points = self::beside($traced, $way, $scene->camera);
        $head = $scene->camera->page($posed->body->point('head'));
        if (in_array($traced, ["hand-$side->value", "shoulder-$side->value"], true) && self::crosses($points, $head)) {
            // A line over the face hides where somebody looks: the elbow goes with hand and shoulder, and keeps off it.
            $points = self::beside("elbow-$side->value", $way, $scene->camera, self::ELBOW);
        }

        return $points === [] || self::crosses($points, $head) ? [] : self::drawn($points);
    }

    /**
     * The way of a point, a little outside of it; none that is too short to be drawn.
     *
     * @param non-empty-list<Skeleton> $way
     * @return list<array{float, float}> points on the page
     */
    private static function beside(string $traced, array $way, Camera $camera, float $shortest = self::SHORTEST): array
    {
        $centre = $traced === 'head' ? 'hips' : 'middle';
        $out = $traced === 'head' ? 13.5 : 7;
        $points = [];
        $length = 0.0;
        foreach ($way as $i => $skeleton) {
            [$x, $y] = $camera->page($skeleton->point($traced));
            [$cx, $cy] = $camera->page($skeleton->point($centre));
            $away = max(0.1, hypot($x - $cx, $y - $cy));
            $x = min(100 + self::BESIDE, max(-self::BESIDE, $x + ($x - $cx) / $away * $out));
            $y = min(100 + self::OVER, max(-self::OVER, $y + ($y - $cy) / $away * $out));
            $length += $points === [] ? 0 : hypot($x - $points[$i - 1][0], $y - $points[$i - 1][1]);
            $points[] = [$x, $y];
        }

        if (str_starts_with($traced, 'shoulder') && $length > self::LEAST && $length < self::SHOULDER) {
            [[$x, $y], [$toX, $toY], $longer] = [$points[0], $points[count($points) - 1], self::SHOULDER / $length];

            return [[$toX - ($toX - $x) * $longer, $toY - ($toY - $y) * $longer], [$toX, $toY]];
        }

        return $length < $shortest ? [] : $points;
    }

    /**
     * Whether a line goes over the head.
     *
     * @param list<array{float, float}> $points
     * @param array{float, float} $head
     */
    private static function crosses(array $points, array $head): bool
    {
        foreach ($points === [] ? [] : self::barbs($points) as [$x, $y]) {
            if (hypot($x - $head[0], $y - $head[1]) < self::FACE - self::WIDTH / 2) {
                return true;
            }
        }
        foreach ($points as $i => [$x, $y]) {
            [$toX, $toY] = $points[$i + 1] ?? [$x, $y];
            foreach ([0.0, 0.2, 0.4, 0.6, 0.8] as $share) {
                if (hypot($x + ($toX - $x) * $share - $head[0], $y + ($toY - $y) * $share - $head[1]) < self::FACE) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The point of the skeleton whose way is shown. */
    private static function traced(Zone $zone, Pose $end, Side $side): string
    {
        $s = $side->value;
        $raises = $end->at(JointAction::ShoulderFlexion, $side) > 40 || $end->at(JointAction::ShoulderAbduction, $side) > 40;
        $traced = match ($zone) {
            Zone::Head, Zone::Back => 'head',
            Zone::Shoulders => $raises ? "hand-$s" : "shoulder-$s",
            Zone::Arms => "hand-$s",
            Zone::Hips, Zone::Legs => "knee-$s",
            Zone::Feet => "toe-$s",
        };

        return $traced === "knee-$s" && $end->at(JointAction::KneeFlexion, $side) < 80 ? "toe-$s" : $traced;
    }

    /**
     * @param array{float, float} $centre
     * @return list<Shape>
     */
    private static function arc(array $centre, float $radius, int $from, int $to): array
    {
        $points = [];
        for ($part = 0; $part <= 10; ++$part) {
            $angle = deg2rad($from + ($to - $from) * $part / 10);
            $points[] = [$centre[0] + $radius * cos($angle), $centre[1] + $radius * sin($angle)];
        }

        return self::drawn($points);
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     * @return list<Shape> a line through them, and its head, on its own ground
     */
    private static function drawn(array $points): array
    {
        [$one, $other] = self::barbs($points);
        $line = (new Outline())->curve($points)->line([$one, $points[count($points) - 1], $other]);

        return [$line->stroked('inset', self::WIDTH + 2 * self::GROUND), $line->stroked('arrow', self::WIDTH)];
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     * @return array{array{float, float}, array{float, float}} where both lines of its head end
     */
    private static function barbs(array $points): array
    {
        $last = count($points) - 1;
        [$x, $y] = $points[$last];
        $from = $points[max(0, $last - 1)];
        $along = atan2($y - $from[1], $x - $from[0]);
        $barb = static fn (float $open): array => [$x - self::HEAD * cos($along + $open), $y - self::HEAD * sin($along + $open)];

        return [$barb(0.6), $barb(-0.6)];
    }
}
