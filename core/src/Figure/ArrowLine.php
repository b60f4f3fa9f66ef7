<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** A line with a head at its end, on its own ground. */
final class ArrowLine
{
    public const WIDTH = 1.7;
    /** Units of ground on either side of it, so that it is seen where it lies over what has its colour. */
    private const GROUND = 0.8;
    /** How far its ground is from the edge of the page. */
    private const AWAY = 0.25;
    /** Radius of a head on the page, in hundredths of it, over which no way is drawn. */
    public const FACE = 7.0;
    /** Length of the two lines of its head. */
    public const HEAD = 4.6;

    /**
     * The same line so far inwards that it and its head are on the page.
     *
     * @param list<array{float, float}> $points
     * @return ($points is non-empty-list ? non-empty-list<array{float, float}> : list<array{float, float}>)
     */
    public static function onPage(array $points): array
    {
        if ($points === []) {
            return [];
        }
        $edge = self::WIDTH / 2 + self::GROUND + self::AWAY;
        [$x, $y] = array_map(static function (int $axis) use ($points, $edge): float {
            $all = array_column([...$points, ...array_merge(...Outline::bends($points)), ...self::barbs($points)], $axis);
            [$first, $last] = [min($all), max($all)];

            return $first < $edge ? $edge - $first : min(0.0, 100 - $edge - $last);
        }, [0, 1]);

        return $x === 0.0 && $y === 0.0 ? $points : array_map(static fn (array $point): array => [$point[0] + $x, $point[1] + $y], $points);
    }

    /**
     * Whether a line goes over the head.
     *
     * @param list<array{float, float}> $points
     * @param array{float, float} $head
     */
    public static function crosses(array $points, array $head): bool
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

    /**
     * @param array{float, float} $centre
     * @return list<Shape>
     */
    public static function arc(array $centre, float $radius, int $from, int $to): array
    {
        $points = [];
        for ($part = 0; $part <= 10; ++$part) {
            $angle = deg2rad($from + ($to - $from) * $part / 10);
            $points[] = [$centre[0] + $radius * cos($angle), $centre[1] + $radius * sin($angle)];
        }

        return self::drawn(self::onPage($points));
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     * @return list<Shape> a line through them, and its head, on its own ground
     */
    public static function drawn(array $points): array
    {
        [$one, $other] = self::barbs($points);
        $line = (new Outline())->curve($points)->line([$one, $points[count($points) - 1], $other]);

        return [$line->stroked('inset', self::WIDTH + 2 * self::GROUND), $line->stroked('arrow', self::WIDTH)];
    }

    /**
     * @param non-empty-list<array{float, float}> $points
     * @return array{array{float, float}, array{float, float}} where both lines of its head end
     */
    public static function barbs(array $points): array
    {
        $last = count($points) - 1;
        [$x, $y] = $points[$last];
        $from = $points[max(0, $last - 1)];
        $along = atan2($y - $from[1], $x - $from[0]);
        $barb = static fn (float $open): array => [$x - self::HEAD * cos($along + $open), $y - self::HEAD * sin($along + $open)];

        return [$barb(0.6), $barb(-0.6)];
    }
}
