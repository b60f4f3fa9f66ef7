<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Zone;
use KindChair\Plan\SectionKind;

/** What would fit best into a section of a class: worth most for its time, and most where the class has least. */
final readonly class Fitting
{
    /** How much more what has nothing is asked for, and how much less what has more than its part. */
    private const MOST = 2.0;
    private const LEAST = 0.4;

    /**
     * @param array<string, int> $zones tenths of a second that each part of the body has in the class, by Zone value
     * @param list<string> $there movements that are in it
     * @return list<string> ids of movements, the best first
     */
    public static function into(SectionKind $section, array $zones, array $there, Shelf $shelf, ComposeBook $book): array
    {
        $mean = max(1, array_sum($zones) / max(1, count($zones)));
        $wish = new Wish(
            zones: array_map(static fn (Zone $zone): float => max(self::LEAST, self::MOST - ($zones[$zone->value] ?? 0) / $mean), array_column(Zone::cases(), null, 'value')),
            never: $there,
        );
        $worth = new Worth($book, $wish);
        $points = [];
        foreach ($shelf->for($wish) as $part => $movements) {
            foreach (ComposeBook::sectionOf($part) === $section ? $movements : [] as $rungs) {
                foreach ($rungs as $stock) {
                    $tenths = max(1, $stock->usual + $stock->changing);
                    $each = $worth->of($stock->movement, $stock->below(), $stock->usual, $stock->least, $stock->usual, $stock->changing, $stock->versions, $stock->directions) / $tenths;
                    $points[$stock->movement->id] = max($points[$stock->movement->id] ?? 0.0, $each);
                }
            }
        }
        arsort($points);

        return array_map(strval(...), array_keys($points));
    }
}
