<?php

declare(strict_types=1);

namespace Tests\Support;

/** How much longer things take on a machine that others use as well. */
final class Patience
{
    private const MOST = 8.0;
    /** Seconds that the small sum takes on a quiet machine. */
    private const QUIET = 0.02;

    /** 1 on a quiet machine; grows with how slow it is at this moment and with how many wait for it. */
    public static function factor(): float
    {
        $start = hrtime(true);
        for ($at = 0, $sum = 0; $at < 300_000; ++$at) {
            $sum = ($sum * 31 + $at) % 1_000_003;
        }
        $slow = (hrtime(true) - $start) / 1e9 / self::QUIET;
        $busy = (sys_getloadavg() ?: [0.0])[0] / max(1, self::cores());

        return min(self::MOST, max(1.0, $slow, $busy));
    }

    private static function cores(): int
    {
        return (int) shell_exec('nproc 2>/dev/null');
    }
}
