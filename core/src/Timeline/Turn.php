<?php

declare(strict_types=1);

namespace KindChair\Timeline;

/**
 * An entry, or in a whole-side round one half of it, as it falls in time. Tenths of a second.
 */
final readonly class Turn
{
    /**
     * @param int $number 0 outside a round, else 1 or 2
     * @param int $speaking the spoken introduction
     * @param int $changing base and prop changes at the group's pace
     * @param list<TimedPass> $passes
     * @param int $sideChanges all changes of side between passes, and before a round's second half
     * @param list<Beat> $beats everything in order, set-up, changes and rest included
     */
    public function __construct(
        public string $sectionId,
        public string $entryId,
        public int $number,
        public int $start,
        public int $speaking,
        public int $changing,
        public array $passes,
        public int $sideChanges,
        public int $rest,
        public array $beats,
    ) {
    }

    public function setUp(): int
    {
        return max($this->speaking, $this->changing);
    }

    public function length(): int
    {
        $passes = array_sum(array_map(static fn (TimedPass $pass): int => $pass->length(), $this->passes));

        return $this->setUp() + (int) $passes + $this->sideChanges + $this->rest;
    }
}
