<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * What is sat and lain on, in the figure's room. Measures in units of 1.65 cm: a seat 39 cm high under the thighs, 46 wide and 44 deep;
 * wheels of 60 cm.
 */
final class SeatMeasures
{
    /** Height of the seat's top, half its breadth, and where it ends before and behind. */
    public const SEAT = -5.9;
    public const SIDE = 12.5;
    public const FRONT = 15.5;
    public const BACK = -10.5;
    /** Where a seat begins and ends on which one sits sideways, near its edge: a leg may go back over it. */
    public const ACROSS = [1.0, 23.0];
    /** Height of the chair's back, and of an armrest's middle, under the elbows of who sits upright; and how far ahead that ends. */
    public const TOP = 24.0;
    public const ARMREST = 9.0;
    public const ARMREST_ENDS = 14.0;
    /** Radius of a wheel, how far out it stands, and its hub. */
    public const WHEEL = 17.5;
    public const WHEEL_SIDE = 15.5;
    public const HUB = [Measures::FLOOR - 2 + self::WHEEL, -4.0];
    /** Half the breadth of a bed, and how far its surface lies under the bones of who lies on it. */
    public const BED_SIDE = 26.0;
    /** The same of a bed on which somebody lies flat: room for arms that open. */
    public const FLAT_SIDE = 30.0;
    public const UNDER = 5.2;
    public const BED_BACK = 46.0;
    private const BED_FEET = 34.0;
    /** A mattress is 13 cm thick. */
    public const MATTRESS = 8.0;
    /** Of a bed: how far ahead of the hips its legs are and its frame ends, and the heights of both. */
    public const BED_LEGS = [-34.0, 48.0];
    public const BED_FRAME = [-38.0, 54.0];
    public const BED_STANDS = Measures::FLOOR + 2;
    public const BED_CARRIES = Measures::FLOOR + 11;
    /** The same of a bed on which somebody lies flat; the middle of its mattress, and half its length. */
    public const FLAT_LEGS = [-50.0, 54.0];
    public const FLAT_STANDS = -28.0;
    public const FLAT_CARRIES = -14.0;
    public const FLAT_MIDDLE = 2.0;
    public const FLAT_LONG = 56.0;

    /** Whether it has a backrest behind who sits on it. */
    public static function hasUprightBack(DrawnSeat $seat): bool
    {
        return in_array($seat, [DrawnSeat::Chair, DrawnSeat::Armchair, DrawnSeat::Wheelchair], true);
    }

    /** How far out an armrest is; null where there is none. */
    public static function armrest(DrawnSeat $seat): ?float
    {
        return match ($seat) {
            DrawnSeat::Armchair => self::SIDE + 2,
            DrawnSeat::Wheelchair => self::SIDE + 1,
            default => null,
        };
    }

    /**
     * What the back lies on.
     *
     * @return array{Vector, Vector}|null a point of it, and what is up from it; null for who sits or stands
     */
    public static function underBack(DrawnSeat $seat): ?array
    {
        return match ($seat) {
            DrawnSeat::Bed => [self::mattress($seat)[0][0], self::mattress($seat)[0][3]],
            DrawnSeat::FlatBed => [new Vector(0, -self::UNDER, 0), new Vector(0, 1, 0)],
            default => null,
        };
    }

    /**
     * The parts of a bed whose back is raised: back, thighs, feet.
     *
     * @return array{array{Vector, Vector, float, Vector}, array{Vector, Vector, float, Vector}, array{Vector, Vector, float, Vector}}
     *     each from where, which way, how far, and what is up from it
     */
    public static function mattress(DrawnSeat $seat): array
    {
        $back = (new Vector(0, 1, 0))->pitched(-$seat->recline());
        $thigh = (new Vector(0, 0, 1))->pitched(-LegJoints::lying($seat));
        $shin = (new Vector(0, -1, 0))->pitched(-(90.0 + LegJoints::lying($seat) - $seat->restingKnee()));
        $over = static fn (Vector $way): Vector => $way->cross(new Vector(1, 0, 0))->unit();
        $hips = Vector::sum($over($thigh), -self::UNDER, $back, -1.0);

        return [
            [$hips, $back, self::BED_BACK, $over((new Vector(0, 0, 0))->minus($back))],
            [$hips, $thigh, Measures::THIGH, $over($thigh)],
            [$hips->plus($thigh, Measures::THIGH), $shin, self::BED_FEET, $over($shin)],
        ];
    }
}
