<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** In what a pass is counted. */
enum DoseUnit: string
{
    case Repetitions = 'repetitions';
    case Breaths = 'breaths';
    case Seconds = 'seconds';

    /** The most of one pass: sixty times or breaths, half an hour. Source: planning default. */
    public function most(): int
    {
        return $this === self::Seconds ? 1800 : 60;
    }

    /** By how much a dose grows when it is asked for a little more. */
    public function step(): int
    {
        return $this === self::Seconds ? 5 : 1;
    }
}
