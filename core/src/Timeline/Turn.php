<?php

declare(strict_types=1);

namespace KindChair\Timeline;

/**
 * An entry, or one half or time of it, as it falls in time. Tenths of a second.
 */
final readonly class Turn
{
    /**
     * @param int $number 0 outside a round, else its half, 1 or 2
     * @param int $time which time of a set, from 1
     * @param int $setUp until it begins: the introduction, half of it while people already enter, or the changes
     * @param int $teaching the first ones, slowly
     * @param int $speaking the spoken introduction
     * @param int $changing base and prop changes at the group's pace
     * @param list<TimedPass> $passes
     * @param int $sideChanges all that lies between passes, and before a round's second half
     * @param list<Beat> $beats everything in order, set-up, changes and rest included
     * @param bool $isAlongside done at the same time as the one before it
     */
    public function __construct(
        public string $sectionId,
        public string $entryId,
        public int $number,
        public int $time,
        public int $start,
        public int $setUp,
        public int $teaching,
        public int $speaking,
        public int $changing,
        public array $passes,
        public int $sideChanges,
        public int $rest,
        public array $beats,
        public bool $isAlongside = false,
    ) {
    }

    /** The same, with a wait for those who are slower. */
    public function waiting(int $length): self
    {
        $tape = new Tape($this->sectionId, $this->entryId, $this->start + $this->length());
        $tape->lay(BeatKind::Rest, $length, 'Wait until everyone is there.');

        return new self($this->sectionId, $this->entryId, $this->number, $this->time, $this->start, $this->setUp, $this->teaching, $this->speaking, $this->changing, $this->passes, $this->sideChanges, $this->rest + $length, [...$this->beats, ...$tape->since(0)], $this->isAlongside);
    }

    public function length(): int
    {
        return $this->setUp + $this->teaching + $this->working() + $this->sideChanges + $this->rest;
    }

    /** What its passes take, without what lies around and between them. */
    public function working(): int
    {
        $working = 0;
        foreach ($this->passes as $pass) {
            $working += $pass->length();
        }

        return $working;
    }
}
