<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** The outermost points of what reaches further than who is on it: a bed, and the chair behind which somebody stands. */
final class SeatEdges
{
    /** The chair behind which somebody stands: where it is, and the top of its back over that. */
    public const BEFORE = [0.0, -Measures::HIP_BELOW - Measures::THIGH - Measures::SHIN - Measures::ANKLE - Measures::FLOOR, HandPlaces::RAIL[1] - SeatMeasures::BACK + 3.5];
    public const BEFORE_TOP = HandPlaces::RAIL[0] - 1 - self::BEFORE[1];

    /** @return list<Vector> none where the body reaches as far */
    public static function of(DrawnSeat $seat): array
    {
        return match ($seat) {
            DrawnSeat::Bed => self::ofRaisedBed(),
            DrawnSeat::FlatBed => [
                ...self::onBothSides(SeatMeasures::FLAT_SIDE, -SeatMeasures::UNDER, SeatMeasures::FLAT_MIDDLE - SeatMeasures::FLAT_LONG, SeatMeasures::FLAT_MIDDLE + SeatMeasures::FLAT_LONG),
                ...self::onBothSides(SeatMeasures::FLAT_SIDE - 2, SeatMeasures::FLAT_STANDS, ...SeatMeasures::FLAT_LEGS),
            ],
            DrawnSeat::Standing => array_map(
                static fn (Vector $leg): Vector => $leg->plus(new Vector(...self::BEFORE)),
                self::onBothSides(SeatMeasures::SIDE - 1, Measures::FLOOR, SeatMeasures::BACK - 2, SeatMeasures::FRONT),
            ),
            default => [],
        };
    }

    /** @return list<Vector> */
    private static function ofRaisedBed(): array
    {
        $points = [
            ...self::onBothSides(SeatMeasures::BED_SIDE - 2, SeatMeasures::BED_STANDS, ...SeatMeasures::BED_LEGS),
            ...self::onBothSides(SeatMeasures::BED_SIDE - 2, SeatMeasures::BED_CARRIES, ...SeatMeasures::BED_FRAME),
        ];
        [$back, , $feet] = SeatMeasures::mattress(DrawnSeat::Bed);
        foreach ([$back, $feet] as [$from, $way, $long, $over]) {
            foreach ([0.0, -SeatMeasures::MATTRESS] as $deep) {
                $end = $from->plus($way, $long, $over, $deep);
                array_push($points, ...self::onBothSides(SeatMeasures::BED_SIDE, $end->y, $end->z));
            }
        }

        return $points;
    }

    /** @return list<Vector> */
    private static function onBothSides(float $aside, float $height, float ...$ahead): array
    {
        return array_merge(...array_map(static fn (float $z): array => [new Vector(-$aside, $height, $z), new Vector($aside, $height, $z)], $ahead));
    }
}
