<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Movement\Variation;
use KindChair\Timeline\TimedPass;

/** Measures how long arms stay overhead without a break. */
final readonly class Overhead
{
    /**
     * @param list<TimedPass> $passes
     * @return int tenths of a second of the longest unbroken stretch
     */
    public static function longest(Variation $variation, array $passes): int
    {
        if ($variation->overheadSteps === []) {
            return 0;
        }
        $longest = 0;
        foreach ($passes as $pass) {
            $run = 0;
            foreach ($pass->beats as $beat) {
                $run = in_array($beat->stepId, $variation->overheadSteps, true) ? $run + $beat->length : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }
}
