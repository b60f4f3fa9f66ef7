<?php

declare(strict_types=1);

namespace KindChair\Review;

/** Times as teachers read them. */
final readonly class TimeWords
{
    /** Tenths of a second as seconds. */
    public static function seconds(int $tenths): float
    {
        return $tenths / 10;
    }

    /** Tenths of a second as m:ss, rounded to the second. */
    public static function minutes(int $tenths): string
    {
        $seconds = (int) round(abs($tenths) / 10);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }

    /** A difference with its sign: "+1:30", "−0:40", "no time". */
    public static function difference(int $tenths): string
    {
        return match (true) {
            abs($tenths) < 5 => 'no time',
            $tenths > 0 => '+' . self::minutes($tenths),
            default => '−' . self::minutes($tenths),
        };
    }
}
