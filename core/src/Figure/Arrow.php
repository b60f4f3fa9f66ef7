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
    /** Units from which the way of a shoulder or a head is drawn out, of which less is seen than of a limb. */
    private const LEAST_OF_SMALL = 0.8;
    /** The same of a back whose ends stay where they are. */
    private const LEAST_OF_BACK = 0.25;
    /** Units from which a head tells that the trunk leans, and how much of what travels furthest that is. */
    private const LEANS = 3.0;
    private const SHARE = 0.3;
    /** Units from which an arm is carried through the air, and not taken along by its shoulder. */
    private const CARRIED = 11.0;
    /** What may tell of a movement whose own part hardly travels. */
    private const HANDS = ['hand-left', 'hand-right'];
    private const ARMS = [...self::HANDS, 'elbow-left', 'elbow-right'];
    private const LEGS = ['knee-left', 'knee-right', 'ankle-left', 'ankle-right', 'toe-left', 'toe-right'];
    /** Radius of a circle's arrow; of two that would lie over each other, the least, and the distance under which one tells of both. */
    private const ROUND = 9.0;
    private const ROUND_LEAST = 5.5;
    private const ONE_FOR_BOTH = 6.0;
    /** Degrees of a turn from which it is told over the head. */
    private const TURNS = 5.0;

    /**
     * One for each limb that is seen to move, at most two; none where nothing moves.
     *
     * @param list<string> $absent limbs that are not there, such as "leg-left"
     * @param bool $isToldCloser whether a closer look tells what hand, foot or head do
     * @return list<Shape>
     */
    public static function of(Movement $movement, Scene $scene, Side $side, array $absent = [], bool $isToldCloser = false): array
    {
        if ($scene->strokes() !== []) {
            return self::strokes($scene);
        }
        [$start, $end] = [$scene->ends->start, $scene->ends->end];
        $zone = $movement->mainRegion()?->zone();
        // A hand that opens or bends is seen closer; the way on which it came there is not the movement.
        if ($zone === null || $movement->mainRegion() === Region::WristsHands && $movement->laterality->directions === null) {
            return [];
        }
        $both = $movement->laterality->sides === SideUse::Together && $scene->view !== View::Side && !in_array($zone, [Zone::Head, Zone::Back], true);
        $turn = self::turn($zone, $scene, $end->pose);
        if (abs($turn) > self::TURNS) {
            $way = $turn > 0 ? 1 : -1;

            return ArrowLine::arc($scene->camera->page($end->body->point('head')), 13.0, -90 - 42 * $way, -90 + 42 * $way);
        }
        if ($movement->laterality->directions !== null) {
            return self::circles($zone, $scene, $end, $both ? self::there($zone, $end->pose, [$side->other(), $side], $absent) : [$side]);
        }
        $way = Way::of($scene, $start, $end);
        // A head that nods takes its nose further than itself.
        $nods = $zone === Zone::Head && $way->isFromSide();
        $lines = array_merge(...array_map(
            static fn (Side $limb): array => $way->ofLimb($nods ? 'nose' : self::traced($zone, $end->pose, $limb), $limb),
            match (true) {
                $both => self::there($zone, $end->pose, Side::cases(), $absent),
                // The arm that is stroked or tapped is not what moves.
                $zone === Zone::Arms && $scene->use->touch !== [] => [],
                default => [$side],
            },
        ));
        if ($lines !== [] || $isToldCloser && $zone === Zone::Feet) {
            return $lines;
        }
        $isOneArm = $movement->laterality->sides === SideUse::OneSided && $scene->use->touch === [] && in_array($zone, [Zone::Shoulders, Zone::Arms], true);
        $others = array_filter(self::others($zone, $scene), static fn (string $point): bool => self::isThere($point, $absent) && !($isOneArm && str_ends_with($point, $side->other()->value)));

        return self::furthest($way, $nods ? 'nose' : self::traced($zone, $end->pose, $side), array_values($others), $zone === Zone::Head);
    }

    /** @return list<string> points that may tell what a part does that hardly travels itself */
    private static function others(Zone $zone, Scene $scene): array
    {
        return match (true) {
            $zone === Zone::Head, $zone === Zone::Back => ['head', ...self::ARMS],
            $scene->use->touch !== [] => self::HANDS,
            $zone === Zone::Shoulders, $zone === Zone::Arms => self::ARMS,
            default => ['head', ...self::LEGS],
        };
    }

    /**
     * What travels furthest on the page, where the part that moves tells too little of itself; what is short is drawn out.
     *
     * @param string $own the point of the part that moves
     * @param list<string> $others what else may tell
     * @return list<Shape>
     */
    private static function furthest(Way $way, string $own, array $others, bool $isHead): array
    {
        $told = $way->byTravel($others);
        // A trunk that leans is told by its head, however much further a hand slides with it.
        if ($own === 'head' && ($told['head'] ?? 0.0) >= max(self::LEANS, self::SHARE * max([0.0, ...$told]))) {
            return $way->line($own, 0.0, Way::LEAST);
        }
        $isSmall = $isHead || str_starts_with($own, 'shoulder');
        // Of a head the least tilt counts more than what hands do there, of a shoulder its lift more than what it takes along.
        foreach ($isHead ? [] : $told as $point => $travel) {
            $lines = $isSmall && $travel < self::CARRIED ? [] : $way->line($point, Way::SHORTEST);
            if ($lines !== []) {
                $mate = strtr($point, ['left' => 'right', 'right' => 'left']);

                return $mate === $point || !isset($told[$mate]) || $way->isFromSide() ? $lines : [...$lines, ...$way->line($mate, 0.0, Way::LEAST)];
            }
        }
        // A back that arches where it lies moves its middle only.
        foreach ([$own, ...array_keys($told), ...($own === 'head' && !$isHead ? ['middle'] : [])] as $point) {
            $lines = $way->line($point, 0.0, match (true) {
                $isSmall && $point === $own => self::LEAST_OF_SMALL,
                $point === 'middle' => self::LEAST_OF_BACK,
                default => Way::LEAST,
            });
            if ($lines !== []) {
                return $lines;
            }
        }

        return [];
    }

    /** @return list<Shape> where hands stroke along limbs, one each */
    private static function strokes(Scene $scene): array
    {
        return array_merge(...array_map(static fn (array $way): array => ArrowLine::drawn(ArrowLine::onPage(array_map($scene->camera->page(...), $way))), $scene->strokes()));
    }

    /** Degrees to the right by which head and trunk turn, which is told over the head; what the movement is about where they turn against each other. */
    private static function turn(Zone $zone, Scene $scene, Pose $end): float
    {
        if ($scene->view === View::Side || !in_array($zone, [Zone::Head, Zone::Back], true)) {
            return 0.0;
        }
        [$trunk, $head] = [$end->towardsRight(JointAction::TrunkTurn), $end->towardsRight(JointAction::NeckTurn)];

        return match (true) {
            abs($trunk + $head) > self::TURNS => $trunk + $head,
            $zone === Zone::Head => $head,
            default => $trunk,
        };
    }

    /**
     * Round the points that go in circles. Two that are near each other are drawn smaller and apart; of two that are together, the near one.
     *
     * @param list<Side> $sides the near one last
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
            } elseif ($apart < 2 * self::ROUND + ArrowLine::HEAD) {
                $radius = min(self::ROUND, max(self::ROUND_LEAST, ($apart - ArrowLine::HEAD) / 2));
                $more = max(0.0, 2 * $radius + ArrowLine::HEAD - $apart) / 2 / $apart;
                $centres = [[$x - ($toX - $x) * $more, $y - ($toY - $y) * $more], [$toX + ($toX - $x) * $more, $toY + ($toY - $y) * $more]];
            }
        }

        $head = $scene->camera->page($posed->body->point('head'));
        $centres = array_map(static fn (array $centre): array => self::offFace($centre, $radius, $head), $centres);

        return array_merge(...array_map(static fn (Side $side, array $centre): array => $side === Side::Right
            ? ArrowLine::arc($centre, $radius, 20, -230)
            : ArrowLine::arc($centre, $radius, -200, 50), $sides, $centres));
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
        $further = max(1.0, (ArrowLine::FACE + $radius + ArrowLine::WIDTH) / $apart);

        return [$head[0] + $x * $further, $head[1] + $y * $further];
    }

    /**
     * @param list<Side> $sides
     * @param list<string> $absent
     * @return list<Side> those on which what moves is there
     */
    private static function there(Zone $zone, Pose $end, array $sides, array $absent): array
    {
        return array_values(array_filter($sides, static fn (Side $side): bool => self::isThere(self::traced($zone, $end, $side), $absent)));
    }

    /** @param list<string> $absent limbs that are not there */
    private static function isThere(string $point, array $absent): bool
    {
        [$joint, $side] = Layers::named($point);

        return !in_array((in_array($joint, ['shoulder', 'elbow', 'hand'], true) ? 'arm' : 'leg') . "-$side", $absent, true);
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
}
