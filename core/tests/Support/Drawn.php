<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Figure\Figure;
use KindChair\Figure\Shape;

/** The shapes of a figure, those of a closer look apart. */
final class Drawn
{
    /** @return list<Shape> what lies in the ring, between its ground and its line, back to front */
    public static function inRing(Figure $figure): array
    {
        [$ground, $ring] = self::ring($figure);

        return $ring === null ? [] : array_slice($figure->shapes, $ground + 1, $ring - $ground - 1);
    }

    /** @return list<Shape> the whole figure, and of a closer look its ground and its line */
    public static function onPage(Figure $figure): array
    {
        [$ground, $ring] = self::ring($figure);

        return $ring === null ? $figure->shapes : [...array_slice($figure->shapes, 0, $ground + 1), ...array_slice($figure->shapes, $ring)];
    }

    /** @return array{int, int|null} */
    private static function ring(Figure $figure): array
    {
        $ring = array_search('ring', array_column($figure->shapes, 'role'), true);
        $ground = array_search(['inset', 0], array_map(static fn (Shape $shape): array => [$shape->role, $shape->line], $figure->shapes), true);

        return [(int) $ground, $ring === false ? null : $ring];
    }
}
