<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;

/** An entry as often as it is done: once, in each half of a round, each time of a set. */
final readonly class Occurrence
{
    /**
     * @param list<Pass> $passes none is empty: who has nothing to do in a half is left out of it
     * @param MainBase $base on which the class is, where the rung is for it
     * @param int $half 0 outside a round, else 1 or 2
     * @param int $time which time of a set, from 1
     * @param string|null $announces what is said before a round's second half
     * @param int|null $station tenths of a second of the station it is done at
     * @param bool $isAlongside another track of the one before it
     */
    public function __construct(
        public Section $section,
        public Entry $entry,
        public Movement $movement,
        public Variation $variation,
        public array $passes,
        public Side $first,
        public BreathPattern $pattern,
        public MainBase $base = MainBase::Chair,
        public int $half = 0,
        public int $time = 1,
        public ?string $announces = null,
        public ?int $station = null,
        public bool $isAlongside = false,
    ) {
    }

    /** Whether it has been introduced before. */
    public function isAgain(): bool
    {
        return $this->half === 2 || $this->time > 1;
    }
}
