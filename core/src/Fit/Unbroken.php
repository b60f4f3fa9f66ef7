<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Timeline\TimedPass;

/** How long something lasts without a break. */
final readonly class Unbroken
{
    /**
     * @param list<string> $steps in which it holds
     * @param list<TimedPass> $passes
     * @return int tenths of a second of the longest unbroken stretch; from pass to pass it goes on
     */
    public static function longest(array $steps, array $passes): int
    {
        $longest = $run = 0;
        foreach ($passes as $pass) {
            foreach ($pass->beats as $beat) {
                $run = in_array($beat->stepId, $steps, true) ? $run + $beat->length : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }
}
