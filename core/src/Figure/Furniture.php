<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Movement\View;

/** Chair, wheelchair and bed as lines in the drawing box. */
final readonly class Furniture
{
    /**
     * @return list<Shape>
     */
    public static function of(DrawnSeat $seat, View $view): array
    {
        return match ($seat) {
            DrawnSeat::Standing => $view === View::Side ? self::chairInFront() : self::chairFaced(50.0, 50.0),
            DrawnSeat::Bed => self::raisedBed(),
            DrawnSeat::FlatBed => $view === View::Side ? self::flatBed() : self::bedFromAbove(),
            DrawnSeat::Sideways => self::chairFaced(40.0, 38.0),
            DrawnSeat::Wheelchair => $view === View::Side ? self::wheelchairFromSide() : self::wheelchairFaced(),
            DrawnSeat::Armchair => $view === View::Side
                ? [...self::chairFromSide(), self::line([29.5, 56.0, 52.0, 56.0]), self::line([51.0, 56.0, 51.0, 69.0])]
                : [...self::chairFaced(50.0, 38.0), self::line([27.0, 71.0, 27.0, 57.0]), self::line([73.0, 71.0, 73.0, 57.0]), self::line([31.0, 70.0, 27.0, 71.0]), self::line([69.0, 70.0, 73.0, 71.0])],
            DrawnSeat::Chair => $view === View::Side ? self::chairFromSide() : self::chairFaced(50.0, 38.0),
        };
    }

    /** @return list<Shape> */
    private static function chairFromSide(): array
    {
        return [
            self::line([28.0, 36.0, 30.0, 70.0, 62.0, 70.0], 4.4),
            self::line([30.0, 70.0, 28.0, 93.0]),
            self::line([59.0, 70.0, 61.0, 93.0]),
        ];
    }

    /** @return list<Shape> */
    private static function chairFaced(float $x, float $top): array
    {
        return [
            self::line([$x - 15, 70.0, $x - 15, $top + 4, $x - 12, $top, $x + 12, $top, $x + 15, $top + 4, $x + 15, 70.0]),
            self::line([$x - 19, 70.0, $x + 19, 70.0], 5.0),
            self::line([$x - 16, 70.0, $x - 16, 92.0]),
            self::line([$x + 16, 70.0, $x + 16, 92.0]),
        ];
    }

    /** @return list<Shape> the chair's back turned to someone who stands behind it */
    private static function chairInFront(): array
    {
        return [
            self::line([56.0, 44.0, 58.0, 72.0, 84.0, 72.0], 4.4),
            self::line([58.0, 72.0, 56.0, 93.0]),
            self::line([82.0, 72.0, 84.0, 93.0]),
        ];
    }

    /** @return list<Shape> */
    private static function wheelchairFromSide(): array
    {
        return [
            self::line([22.0, 40.0, 28.0, 40.0, 31.0, 70.0, 62.0, 70.0]),
            self::line([31.0, 57.0, 52.0, 57.0]),
            self::line([60.0, 70.0, 66.0, 91.0, 74.0, 91.0]),
            new Shape('ring', 'seat', [37.0, 77.0], 16.0),
            new Shape('ring', 'seat', [62.0, 89.0], 4.0),
        ];
    }

    /** @return list<Shape> */
    private static function wheelchairFaced(): array
    {
        return [
            ...array_slice(self::chairFaced(50.0, 38.0), 0, 2),
            self::line([26.0, 62.0, 26.0, 92.0], 5.0),
            self::line([74.0, 62.0, 74.0, 92.0], 5.0),
        ];
    }

    /** @return list<Shape> */
    private static function raisedBed(): array
    {
        return [
            self::line([6.0, 40.0, 15.0, 34.0, 47.0, 73.0, 96.0, 73.0], 5.0),
            self::line([14.0, 73.0, 14.0, 93.0]),
            self::line([90.0, 73.0, 90.0, 93.0]),
            self::line([10.0, 79.0, 96.0, 79.0]),
        ];
    }

    /** @return list<Shape> */
    private static function flatBed(): array
    {
        return [
            self::line([3.0, 66.0, 14.0, 66.0], 5.0),
            self::line([2.0, 75.0, 98.0, 75.0], 5.0),
            self::line([4.0, 60.0, 4.0, 92.0]),
            self::line([96.0, 75.0, 96.0, 92.0]),
        ];
    }

    /** @return list<Shape> */
    private static function bedFromAbove(): array
    {
        return [
            self::line([22.0, 2.0, 78.0, 2.0, 78.0, 98.0, 22.0, 98.0, 22.0, 2.0], 3.0),
            self::line([34.0, 8.0, 66.0, 8.0, 66.0, 20.0, 34.0, 20.0, 34.0, 8.0], 3.0),
        ];
    }

    /** @param list<float> $points */
    private static function line(array $points, float $width = 3.7): Shape
    {
        return new Shape('line', 'seat', $points, $width);
    }
}
