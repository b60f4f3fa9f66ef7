<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Figure\Shape;
use LogicException;

/** How far a shape reaches on the page of 1000 x 1000: corners, the bows of its arcs, and half the width of its line. */
final class Extent
{
    /** @return array{float, float, float, float} left, top, right, bottom */
    public static function of(Shape $shape): array
    {
        preg_match_all('/([MLCAa])([-\d ]+)/', $shape->data(), $steps, PREG_SET_ORDER);
        [$xs, $ys] = [[], []];
        [$x, $y] = [0.0, 0.0];
        foreach ($steps as [, $letter, $written]) {
            $numbers = array_map(floatval(...), explode(' ', trim($written)));
            if ($letter === 'A' || $letter === 'a') {
                [$radius, , , $isLarge, , $toX, $toY] = $numbers;
                [$toX, $toY] = $letter === 'a' ? [$x + $toX, $y + $toY] : [$toX, $toY];
                foreach (self::bows([$x, $y], [$toX, $toY], $radius, $isLarge === 1.0) as [$bowX, $bowY]) {
                    $xs[] = $bowX;
                    $ys[] = $bowY;
                }
                $numbers = [$toX, $toY];
            }
            foreach (array_chunk($numbers, 2) as [$x, $y]) {
                $xs[] = $x;
                $ys[] = $y;
            }
        }
        if ($xs === [] || $ys === []) {
            throw new LogicException("There is nothing in a shape: $shape->role");
        }
        $half = $shape->line / 2;

        return [min($xs) - $half, min($ys) - $half, max($xs) + $half, max($ys) + $half];
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @return list<array{float, float}> the outermost points of a circle that lie on an arc which runs clockwise on the page
     */
    private static function bows(array $from, array $to, float $radius, bool $isLarge): array
    {
        [$dx, $dy] = [($to[0] - $from[0]) / 2, ($to[1] - $from[1]) / 2];
        $half = hypot($dx, $dy);
        $away = $half < 1e-9 ? 0.0 : sqrt(max(0.0, $radius * $radius - $half * $half)) / $half * ($isLarge ? 1 : -1);
        [$cx, $cy] = [$from[0] + $dx + $dy * $away, $from[1] + $dy - $dx * $away];
        $angle = static fn (float $x, float $y): float => fmod(atan2($y - $cy, $x - $cx) + 4 * M_PI, 2 * M_PI);
        $begins = $angle(...$from);
        $length = fmod($angle(...$to) - $begins + 2 * M_PI, 2 * M_PI);
        $bows = [];
        foreach ([0.0, M_PI / 2, M_PI, 3 * M_PI / 2] as $at) {
            if (fmod($at - $begins + 2 * M_PI, 2 * M_PI) <= $length) {
                $bows[] = [$cx + $radius * cos($at), $cy + $radius * sin($at)];
            }
        }

        return $bows;
    }
}
