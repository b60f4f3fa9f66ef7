<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * What was worked out of the same numbers before: in most movements most of a body stays where it is, and so it does from one figure to
 * the next.
 */
final class Kept
{
    /** So many of a kind are kept, more than a long class has of any; then it begins anew, or a sheet of all figures would fill the memory. */
    private const MOST = 200;

    /** @var array<string, array<string, mixed>> by kind */
    private static array $all = [];

    /**
     * @template T
     * @param string $from all that it is worked out of
     * @param callable(): T $work
     * @return T
     */
    public static function of(string $kind, string $from, callable $work): mixed
    {
        if (isset(self::$all[$kind][$from])) {
            /** @var T */
            return self::$all[$kind][$from];
        }
        if (count(self::$all[$kind] ?? []) >= self::MOST) {
            self::$all[$kind] = [];
        }

        return self::$all[$kind][$from] = $work();
    }

    /** As if nothing had been drawn yet. */
    public static function forget(): void
    {
        self::$all = [];
    }
}
