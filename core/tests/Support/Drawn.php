<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Figure\Figure;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;

/** What is drawn: every shape of the library, and the shapes of a figure, those of a closer look apart. */
final class Drawn
{
    /** @return iterable<string, array{Movement, Variation, Base}> every rung on every base, and as it is done lying flat, by its name */
    public static function everyShape(): iterable
    {
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                foreach ($rung->bases as $base) {
                    yield "$movement->id/$rung->id on $base->value" => [$movement, $rung, $base];
                }
                $lying = $rung->allows(Base::Bed) ? $rung->lying() : null;
                if ($lying !== null && $lying !== $rung) {
                    yield "$movement->id/$rung->id lying flat" => [$movement, $lying, Base::Bed];
                }
            }
        }
    }

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
