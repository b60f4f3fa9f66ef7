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
    /** Units under which a way is too short to draw. */
    private const SHORTEST = 8.0;
    private const WIDTH = 1.7;
    /** Length of the two lines of its head. */
    private const HEAD = 4.6;
    /** Shares of the way at which it is drawn, before its end. */
    private const ALONG = [0.35, 0.7];

    /**
     * One for each limb that is seen to move, at most two; none when the part hardly moves.
     *
     * @return list<Shape>
     */
    public static function of(Movement $movement, Scene $scene, Pose $start, Posed $end, Side $side): array
    {
        $zone = $movement->mainRegion()?->zone();
        // A hand that opens or bends is seen closer; the way on which it came there is not the movement.
        if ($zone === null || $movement->mainRegion() === Region::WristsHands && $movement->laterality->directions === null) {
            return [];
        }
        $both = $movement->laterality->sides === SideUse::Together && $scene->view !== View::Side && !in_array($zone, [Zone::Head, Zone::Back], true);
        $way = [];
        if ($movement->laterality->directions === null) {
            foreach (self::ALONG as $share) {
                $way[] = Skeleton::of($start->towards($end->pose, $share), $scene->seat);
            }
            $way[] = $end->body;
        }
        $arrows = array_map(
            static fn (Side $limb): ?Shape => self::one($movement, $zone, $scene, $end, $way, $limb),
            $both ? Side::cases() : [$side],
        );

        return array_values(array_filter($arrows));
    }

    /** @param list<Skeleton> $way from the start to the furthest pose; empty for a circle */
    private static function one(Movement $movement, Zone $zone, Scene $scene, Posed $posed, array $way, Side $side): ?Shape
    {
        $project = $scene->camera->page(...);
        [$end, $moved] = [$posed->pose, $posed->body];
        $turn = $end->towardsRight(JointAction::TrunkTurn) + $end->towardsRight(JointAction::NeckTurn);
        if ($scene->view !== View::Side && abs($turn) > 5 && in_array($zone, [Zone::Head, Zone::Back], true)) {
            $way = $turn > 0 ? 1 : -1;

            return self::arc($project($moved->point('head')), 13.0, -90 - 42 * $way, -90 + 42 * $way);
        }
        $traced = self::traced($zone, $end, $side);
        if ($movement->laterality->directions !== null) {
            $right = $side === Side::Right;

            return self::arc($project($moved->point($traced)), 9.0, $right ? 20 : -200, $right ? -230 : 50);
        }
        $centre = $traced === 'head' ? 'hips' : 'middle';
        $out = $traced === 'head' ? 13.5 : 7;
        $points = [];
        $length = 0.0;
        $last = null;
        foreach ($way as $skeleton) {
            [$x, $y] = $project($skeleton->point($traced));
            [$cx, $cy] = $project($skeleton->point($centre));
            $away = max(0.1, hypot($x - $cx, $y - $cy));
            $x = min(113.0, max(-13.0, $x + ($x - $cx) / $away * $out));
            $y = min(113.0, max(-13.0, $y + ($y - $cy) / $away * $out));
            $length += $last === null ? 0 : hypot($x - $last[0], $y - $last[1]);
            $last = [$x, $y];
            $points[] = [$x, $y];
        }

        return $length < self::SHORTEST || $points === [] ? null : self::drawn($points);
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

    /** @param array{float, float} $centre */
    private static function arc(array $centre, float $radius, int $from, int $to): Shape
    {
        $points = [];
        for ($part = 0; $part <= 10; ++$part) {
            $angle = deg2rad($from + ($to - $from) * $part / 10);
            $points[] = [$centre[0] + $radius * cos($angle), $centre[1] + $radius * sin($angle)];
        }

        return self::drawn($points);
    }

    /** @param non-empty-list<array{float, float}> $points a line through them, and its head */
    private static function drawn(array $points): Shape
    {
        $last = count($points) - 1;
        [$x, $y] = $points[$last];
        $from = $points[max(0, $last - 1)];
        $along = atan2($y - $from[1], $x - $from[0]);
        $barb = static fn (float $open): array => [$x - self::HEAD * cos($along + $open), $y - self::HEAD * sin($along + $open)];

        return (new Outline())->curve($points)->line([$barb(0.6), [$x, $y], $barb(-0.6)])->stroked('arrow', self::WIDTH);
    }
}
