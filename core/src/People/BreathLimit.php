<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Breath\BreathPattern;

/** The longest breath someone should be asked for. Cycle in tenths of a second. */
final readonly class BreathLimit
{
    public function __construct(public int $longestCycle, public float $outToIn)
    {
    }

    public function allows(BreathPattern $pattern): bool
    {
        return $pattern->cycle() <= $this->longestCycle
            && $pattern->out + $pattern->holdEmpty <= $this->outToIn * ($pattern->in + $pattern->holdFull);
    }
}
