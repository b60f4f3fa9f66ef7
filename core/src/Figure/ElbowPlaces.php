<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\ElbowPlace;

/** Where an elbow can lie, as far from its shoulder as an upper arm is long. One unit is 1.65 cm. */
final class ElbowPlaces
{
    /** Half the thickness of an elbow, and of an armrest. */
    public const ELBOW = 1.4;
    private const RAIL = 0.55;
    /** How far aside of the middle of an armrest it may lie, and how much higher on its pad. */
    private const ASIDE = [0.0, -1.2, 1.2];
    private const PAD = [0.0, 0.6, 1.2];
    /** Degrees by which an upper arm opens from the trunk on a mattress, in steps. */
    private const OPENS = 120;
    private const STEP = 6;
    /** How far ahead of its shoulder an elbow lies on a cushion, of who sits and who leans back in bed, how far nearer to the middle or further out, and how high over the hips. */
    private const AHEAD = [2.0, 4.0, 6.0, 8.0, 10.0, 12.0];
    private const LEANING = [11.0, 12.0, 13.0, 14.0, 15.0];
    private const INWARDS = [0.0, -3.0, 3.0, 6.0];
    private const CARRIED = [6.0, 17.0];
    /** How far behind the hips it may lie in bed, and how far out on either. */
    private const IN_BED = -9.0;
    private const OUT = 15.0;
    /** The same of a table. */
    private const AT_TABLE = [6.0, 7.0, 8.0, 9.0, 10.0, 11.0, 12.0];
    private const ON_TABLE = [HandPlaces::TABLE[0] + self::ELBOW, 17.0];

    /** Whether a seat has it: an armrest, a mattress, a lap in which a cushion lies under the elbows. */
    public static function isThere(ElbowPlace $place, DrawnSeat $seat): bool
    {
        return match ($place) {
            ElbowPlace::Armrest => SeatMeasures::armrest($seat) !== null,
            ElbowPlace::Mattress => SeatMeasures::underBack($seat) !== null,
            ElbowPlace::Cushion => $seat !== DrawnSeat::FlatBed && $seat !== DrawnSeat::Standing,
            ElbowPlace::Table => SeatMeasures::underBack($seat) === null && $seat !== DrawnSeat::Standing,
        };
    }

    /** @return list<Vector> none where it does not reach there */
    public static function of(ElbowPlace $place, Side $side, Skeleton $body, DrawnSeat $seat): array
    {
        $shoulder = $body->point("shoulder-$side->value");
        $out = $side === Side::Right ? 1.0 : -1.0;

        return !self::isThere($place, $seat) ? [] : match ($place) {
            ElbowPlace::Armrest => self::onArmrest($shoulder, $out, $seat),
            ElbowPlace::Mattress => self::onMattress($shoulder, $out, $seat),
            ElbowPlace::Cushion => self::ahead($shoulder, $out, $seat === DrawnSeat::Bed ? self::LEANING : self::AHEAD, self::CARRIED),
            ElbowPlace::Table => self::ahead($shoulder, $out, self::AT_TABLE, self::ON_TABLE),
        };
    }

    /** How far an elbow is from what it lies on, in units. */
    public static function missed(ElbowPlace $place, Vector $elbow, DrawnSeat $seat): float
    {
        if ($place === ElbowPlace::Armrest) {
            $x = (float) SeatMeasures::armrest($seat);
            $y = self::overArmrest();

            return (new Vector(abs($elbow->x), $elbow->y, $elbow->z))->from(new Vector($x, $y, SeatMeasures::BACK), new Vector($x, $y, SeatMeasures::ARMREST_ENDS));
        }
        if ($place !== ElbowPlace::Mattress) {
            [[$low, $high], $near] = $place === ElbowPlace::Table ? [self::ON_TABLE, self::AT_TABLE[0]] : [self::CARRIED, $seat === DrawnSeat::Bed ? self::IN_BED : self::AHEAD[0]];

            return max(0.0, $low - $elbow->y, $elbow->y - $high, $near - $elbow->z, abs($elbow->x) - self::OUT);
        }
        [$at, $over] = SeatMeasures::underBack($seat) ?? [$elbow, new Vector(0, 1, 0)];

        return abs($elbow->minus($at)->dot($over) - self::ELBOW);
    }

    private static function overArmrest(): float
    {
        return SeatMeasures::ARMREST + self::RAIL + self::ELBOW;
    }

    /** @return list<Vector> */
    private static function onArmrest(Vector $shoulder, float $out, DrawnSeat $seat): array
    {
        $armrest = (float) SeatMeasures::armrest($seat);
        $places = [];
        foreach (self::ASIDE as $aside) {
            foreach (self::PAD as $pad) {
                $x = ($armrest + $aside) * $out;
                $y = self::overArmrest() + $pad;
                $left = Measures::UPPER_ARM ** 2 - ($x - $shoulder->x) ** 2 - ($y - $shoulder->y) ** 2;
                foreach ($left < 0 ? [] : [sqrt($left), -sqrt($left)] as $ahead) {
                    $z = $shoulder->z + $ahead;
                    if ($z > SeatMeasures::BACK && $z < SeatMeasures::ARMREST_ENDS) {
                        $places[] = new Vector($x, $y, $z);
                    }
                }
            }
        }

        return $places;
    }

    /** @return list<Vector> */
    private static function onMattress(Vector $shoulder, float $out, DrawnSeat $seat): array
    {
        [$at, $over] = SeatMeasures::underBack($seat) ?? [$shoulder, new Vector(0, 1, 0)];
        $high = $shoulder->minus($at)->dot($over) - self::ELBOW;
        $reach = sqrt(max(0.0, Measures::UPPER_ARM ** 2 - $high ** 2));
        // Towards the feet, square to what is up from it.
        $down = new Vector(0, -$over->z, $over->y);
        $foot = $shoulder->plus($over, -$high);
        $places = [];
        for ($open = 0; $open <= self::OPENS; $open += self::STEP) {
            $places[] = $foot->plus($down, $reach * cos(deg2rad($open)), new Vector($out, 0, 0), $reach * sin(deg2rad($open)));
        }

        return $places;
    }

    /**
     * On what is as high as the elbow that it carries.
     *
     * @param list<float> $far ahead of the shoulder
     * @param array{float, float} $high least and most
     * @return list<Vector>
     */
    private static function ahead(Vector $shoulder, float $out, array $far, array $high): array
    {
        $places = [];
        foreach (self::INWARDS as $inwards) {
            foreach ($far as $ahead) {
                $y = $shoulder->y - sqrt(Measures::UPPER_ARM ** 2 - $inwards ** 2 - $ahead ** 2);
                if ($y >= $high[0] && $y <= $high[1]) {
                    $places[] = new Vector($shoulder->x - $inwards * $out, $y, $shoulder->z + $ahead);
                }
            }
        }

        return $places;
    }
}
