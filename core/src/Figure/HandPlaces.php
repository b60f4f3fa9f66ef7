<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\HandPlace;

/**
 * Where in the figure's room the places are on which a hand can lie: on the body's surface, on the seat, on the other hand.
 * A place that is long, such as a thigh, is given as several points, any of which will do. One unit is 1.65 cm.
 */
final readonly class HandPlaces
{
    /** Half the thickness of a thigh, a shin, an arm, and half the depth of the trunk. */
    private const THIGH = 3.3;
    private const SHIN = 2.9;
    private const ARM = 1.6;
    private const TRUNK = 5.5;
    /** Half the breadth of ribs and waist. */
    private const RIBS = 8.5;
    private const HEAD = 6.3;
    /** How far out the edge of a seat is held; how high a hand lies over what it lies on. */
    private const SEAT_SIDE = SeatMeasures::SIDE + 1;
    private const OVER = 1.4;
    /** How far out a hand lies in bed. */
    private const BESIDE = 15.0;
    /** Where a thigh is held from below: shares of its length, the likeliest first. */
    private const UNDER = [0.8, 0.65, 0.95, 0.5, 0.35];
    /** The top of a table or tray that stands before the seat, and where it begins. */
    public const TABLE = [6.0, 20.0];
    /** The top of the chair's back for who stands behind it. */
    public const RAIL = [5.0, 23.5];

    /** @return non-empty-list<Vector> where the hand of a side may lie; $isAcross: on the other side of the body */
    public static function of(HandPlace $place, Side $hand, bool $isAcross, Skeleton $body, DrawnSeat $seat): array
    {
        $at = $isAcross ? $hand->other() : $hand;
        $out = $at === Side::Right ? 1.0 : -1.0;
        $own = $hand === Side::Right ? 1.0 : -1.0;

        return match ($place) {
            HandPlace::Thigh => self::along($body, "hip-$at->value", "knee-$at->value", self::THIGH, [0.75, 0.6, 0.9, 0.45, 1.0]),
            // The other hand comes in between the legs and holds the thigh from its inner side.
            HandPlace::ThighUnder => $isAcross
                ? array_map(static fn (Vector $under): Vector => $under->plus(new Vector(-self::THIGH * 0.8 * $out, self::THIGH * 0.7, 0)), self::along($body, "hip-$at->value", "knee-$at->value", -self::THIGH, self::UNDER))
                : self::along($body, "hip-$at->value", "knee-$at->value", -self::THIGH, self::UNDER),
            HandPlace::Knee => self::along($body, "hip-$at->value", "knee-$at->value", self::THIGH, [1.0, 0.92, 0.85]),
            HandPlace::Shin => self::along($body, "knee-$at->value", "ankle-$at->value", self::SHIN, [0.5, 0.3, 0.7, 0.15, 0.85]),
            HandPlace::Foot => self::along($body, "ankle-$at->value", "toe-$at->value", 2.0, [0.5, 0.2, 0.9]),
            HandPlace::Seat, HandPlace::Armrest, HandPlace::Backrest, HandPlace::Table => self::ofSeat($place, $seat, $out),
            HandPlace::Belly => [self::onTrunk($body, 0.3, 2.5 * $own, self::TRUNK)],
            HandPlace::Chest => [self::onTrunk($body, 0.78, 2.5 * $own, self::TRUNK)],
            HandPlace::Ribs => [self::onTrunk($body, 0.55, self::RIBS * $out, 2.0)],
            HandPlace::Waist => [self::onTrunk($body, 0.25, self::RIBS * $out, 1.0), self::onTrunk($body, 0.18, self::RIBS * 0.75 * $out, 6.2)],
            HandPlace::LowBack => [self::onTrunk($body, 0.25, 4.0 * $own, -self::TRUNK), self::onTrunk($body, 0.15, 6.0 * $own, -self::TRUNK)],
            HandPlace::UpperBack => [self::onTrunk($body, 0.95, 3.0 * $own, -self::TRUNK)],
            HandPlace::Shoulder => array_map(
                static fn (Vector $by): Vector => $body->point("shoulder-$at->value")->plus($body->fromTrunk($by)),
                [new Vector(1.5 * $out, 3.2, 2.4), new Vector(0.5 * $out, 4.0, -0.5), new Vector(0.8 * $out, 3.0, -3.2)],
            ),
            HandPlace::UpperArm => self::onUpperArm($body, $hand->other()),
            HandPlace::Elbow => self::nearby($body, $body->point('elbow-' . $hand->other()->value)),
            HandPlace::Hand => self::nearby($body, $body->point('hand-' . $hand->other()->value)),
            HandPlace::OtherHand => [self::between($body)->plus($body->fromTrunk(new Vector(0.9 * $own, 0, 0)))],
            HandPlace::Head => self::onHead($body, $at, $out),
            HandPlace::HeadBack => [self::aboutHead($body, -self::HEAD * 0.85, -1.0, 3.5 * $own)],
            HandPlace::Face => [self::aboutHead($body, self::HEAD, 0.0, 3.5 * $own)],
        };
    }

    /** Places that move with the arms, and so are looked for again when an arm has been brought somewhere. */
    public static function movesWithArms(HandPlace $place): bool
    {
        return in_array($place, [HandPlace::UpperArm, HandPlace::Elbow, HandPlace::Hand, HandPlace::OtherHand, HandPlace::Shoulder], true);
    }

    /**
     * @param non-empty-list<float> $shares of the way between two joints
     * @return non-empty-list<Vector> on the upper or front side of a leg, or on the back of it where $out is under 0
     */
    private static function along(Skeleton $body, string $from, string $to, float $out, array $shares): array
    {
        $start = $body->point($from);
        $way = $body->point($to)->minus($start);
        $normal = $way->unit()->cross(new Vector(1, 0, 0))->unit();

        return array_map(static fn (float $share): Vector => $start->plus($way, $share, $normal, $out), $shares);
    }

    private static function onTrunk(Skeleton $body, float $share, float $right, float $ahead): Vector
    {
        $hips = $body->point('hips');
        $low = $body->point('middle')->minus($hips);
        $high = $body->point('chest')->minus($body->point('middle'));
        $spine = $share <= 0.5 ? $hips->plus($low, $share * 2) : $body->point('middle')->plus($high, $share * 2 - 1);

        return $spine->plus($body->fromTrunk(new Vector($right, 0, $ahead)));
    }

    /** @return non-empty-list<Vector> the side of the head, its top, and its back on that side */
    private static function onHead(Skeleton $body, Side $at, float $out): array
    {
        return [self::aboutHead($body, 0.0, 1.0, self::HEAD * $out), self::aboutHead($body, 0.0, self::HEAD * 0.75, self::HEAD * 0.65 * $out)];
    }

    private static function aboutHead(Skeleton $body, float $ahead, float $up, float $right): Vector
    {
        $head = $body->point('head');
        $gaze = $body->point('nose')->minus($head)->unit();
        $crown = $head->minus($body->point('chest'))->unit();
        $side = $crown->cross($gaze)->unit();

        return $head->plus($gaze, $ahead, $crown, $up, $side, $right);
    }

    /** Half way between the hands, before the middle of the body; further ahead where they are further from the shoulders, as when long arms cross. */
    private static function between(Skeleton $body): Vector
    {
        $chest = $body->point('chest');
        $middle = $body->inTrunk($body->point('hand-left')->plus($body->point('hand-right'))->minus($chest)->minus($chest))->halved();
        $middle = new Vector(0, $middle->y, $middle->z);
        $way = $middle->unit();
        $shoulder = $body->inTrunk($body->point('shoulder-right')->minus($chest));
        $reach = ($body->point('hand-left')->minus($body->point('shoulder-left'))->length() + $body->point('hand-right')->minus($body->point('shoulder-right'))->length()) / 2;
        // Where that way is as far from a shoulder.
        $along = $way->dot($shoulder);
        $far = $along + sqrt(max(0.0, $along * $along + $reach * $reach - $shoulder->dot($shoulder)));

        return $chest->plus($body->fromTrunk($way->times(max($far, $middle->length()))));
    }

    /** @return non-empty-list<Vector> over, under and before a point of an arm */
    private static function nearby(Skeleton $body, Vector $point): array
    {
        return array_map(
            static fn (Vector $by): Vector => $point->plus($body->fromTrunk($by)),
            [new Vector(0, self::ARM, 0), new Vector(0, -self::ARM, 0), new Vector(0, 0, self::ARM)],
        );
    }

    /** @return non-empty-list<Vector> the outer side of an upper arm at its middle, and its front a little higher and lower */
    private static function onUpperArm(Skeleton $body, Side $side): array
    {
        $shoulder = $body->point("shoulder-$side->value");
        $down = $body->point("elbow-$side->value")->minus($shoulder);
        $out = $side === Side::Right ? 1.0 : -1.0;

        return array_map(
            static fn (array $at): Vector => $shoulder->plus($down, $at[0], $body->fromTrunk(new Vector($at[1] * $out, 0, $at[2]))),
            [[0.5, 2.4, 1.6], [0.4, 1.4, 2.6], [0.65, 1.4, 2.6]],
        );
    }

    /** @return non-empty-list<Vector> */
    private static function ofSeat(HandPlace $place, DrawnSeat $seat, float $out): array
    {
        /** @return non-empty-list<Vector> */
        $row = static function (float $x, float $y, float $first, float ...$deeper) use ($out): array {
            $points = [new Vector($x * $out, $y, $first)];
            foreach ($deeper as $z) {
                $points[] = new Vector($x * $out, $y, $z);
            }

            return $points;
        };
        if ($seat === DrawnSeat::Standing) {
            // A hand that holds on while somebody stands finds the chair's back, whatever it would find in the seat.
            return $row(9.0, self::RAIL[0], self::RAIL[1]);
        }
        $armrest = SeatMeasures::armrest($seat);
        if ($place === HandPlace::Table) {
            return $row(9.0, self::TABLE[0], self::TABLE[1], self::TABLE[1] + 4);
        }
        $onArmrest = static fn (): array => $row((float) $armrest, SeatMeasures::ARMREST + self::OVER, 13.0, 10.0, 6.0, 1.0);
        if ($seat === DrawnSeat::Bed || $seat === DrawnSeat::FlatBed) {
            return match ($place) {
                HandPlace::Backrest => self::inBed($seat, $out, 0.0, -6.0, -10.0),
                HandPlace::Armrest => self::inBed($seat, $out, 2.0, 8.0, 14.0),
                default => self::inBed($seat, $out, 2.0, 8.0, -6.0),
            };
        }

        return match ($place) {
            HandPlace::Backrest => match (true) {
                // Over the armrests.
                $armrest !== null => [...$row(self::SEAT_SIDE, 9.0, -8.5), ...$row(self::SEAT_SIDE, 14.0, -10.0)],
                $seat === DrawnSeat::Sideways => [...$row(self::SEAT_SIDE, 14.0, 4.0, 10.0), ...$row(self::SEAT_SIDE, 18.0, 8.0)],
                default => [new Vector(self::SEAT_SIDE * $out, 6.0, -9.0), new Vector(self::SEAT_SIDE * $out, 0.0, -8.0), new Vector(self::SEAT_SIDE * $out, 14.0, -10.0), new Vector(self::SEAT_SIDE * $out, 20.0, -11.0)],
            },
            // A chair without arms: the hand lies on the edge of the seat or on a cushion there.
            HandPlace::Armrest => $armrest === null ? $row(self::SEAT_SIDE, SeatMeasures::SEAT + 4, 2.0, 8.0, -4.0) : $onArmrest(),
            default => match (true) {
                $armrest === null => $row(self::SEAT_SIDE, SeatMeasures::SEAT, 0.0, 6.0, -6.0, 12.0),
                $seat === DrawnSeat::Wheelchair => [...$onArmrest(), ...$row(SeatMeasures::WHEEL_SIDE, SeatMeasures::HUB[0] + SeatMeasures::WHEEL + self::OVER, SeatMeasures::HUB[1])],
                default => $onArmrest(),
            },
        };
    }

    /**
     * On the mattress beside the body.
     *
     * @return non-empty-list<Vector> so far ahead of the hips, or so far up the back where that is under 0
     */
    private static function inBed(DrawnSeat $seat, float $out, float $first, float ...$deeper): array
    {
        $at = static function (float $far) use ($seat, $out): Vector {
            $beside = new Vector(self::BESIDE * $out, 0, 0);
            if ($seat === DrawnSeat::FlatBed) {
                return $beside->plus(new Vector(0, self::OVER - SeatMeasures::UNDER, $far));
            }
            [$back, $thighs] = SeatMeasures::mattress($seat);
            [$from, $way, , $over] = $far < 0 ? $back : $thighs;

            return $beside->plus($from)->plus($way, abs($far), $over, self::OVER);
        };
        $points = [$at($first)];
        foreach ($deeper as $far) {
            $points[] = $at($far);
        }

        return $points;
    }
}
