<?php

declare(strict_types=1);

namespace KindChair\Place;

/** Whether two convex outlines lie over each other: no line can be drawn between them. */
final readonly class Polygon
{
    /**
     * @param list<array{float|int, float|int}> $a
     * @param list<array{float|int, float|int}> $b
     */
    public static function overlap(array $a, array $b): bool
    {
        foreach ([$a, $b] as $outline) {
            foreach ($outline as $at => [$x, $y]) {
                [$toX, $toY] = $outline[($at + 1) % count($outline)];
                [$fromA, $tillA] = self::span($a, $y - $toY, $toX - $x);
                [$fromB, $tillB] = self::span($b, $y - $toY, $toX - $x);
                if ($tillA <= $fromB || $tillB <= $fromA) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<array{float|int, float|int}> $corners
     * @return array{float, float} how far an outline reaches along an axis
     */
    private static function span(array $corners, float $x, float $y): array
    {
        $from = INF;
        $till = -INF;
        foreach ($corners as [$cx, $cy]) {
            $from = min($from, $cx * $x + $cy * $y);
            $till = max($till, $cx * $x + $cy * $y);
        }

        return [$from, $till];
    }
}
