<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Body\Side;
use KindChair\Demand\Demand;

/** How this class is taught: the schools of practice chosen, and the speed of speech. */
final readonly class Settings
{
    /**
     * @param float $speechRate words a second
     * @param int $sideChange tenths of a second
     * @param bool $mirrors the teacher mirrors the group instead of using their own sides
     * @param bool $simpleWords one step at a time in six words, the same every time, for groups with memory loss
     * @param list<Demand> $never what this teacher leaves out of her classes
     */
    public function __construct(
        public RegionOrder $order = new RegionOrder(School::HeadToToe),
        public Side $firstSide = Side::Left,
        public float $speechRate = 2.0,
        public int $sideChange = 40,
        public bool $mirrors = true,
        public bool $simpleWords = false,
        public array $never = [],
    ) {
        if ($speechRate < 0.5 || $speechRate > 2.5) {
            throw InvalidPlan::speechIs($speechRate);
        }
        if ($sideChange < 0 || $sideChange > 600) {
            throw InvalidPlan::sideChangeIs($sideChange);
        }
    }

    public function beginningWith(Side $first): self
    {
        return new self($this->order, $first, $this->speechRate, $this->sideChange, $this->mirrors, $this->simpleWords, $this->never);
    }

    public function inSimpleWords(): self
    {
        return new self($this->order, $this->firstSide, $this->speechRate, $this->sideChange, $this->mirrors, true, $this->never);
    }

    /** Tenths of a second to say so many words. */
    public function speaking(int $words): int
    {
        return (int) round($words * 10 / $this->speechRate);
    }
}
