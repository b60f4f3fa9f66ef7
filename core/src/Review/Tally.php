<?php

declare(strict_types=1);

namespace KindChair\Review;

/** What was done one way: tenths of a second and whole repetitions. */
final readonly class Tally
{
    public function __construct(public int $tenths = 0, public int $repetitions = 0)
    {
    }

    public function plus(int $tenths, int $repetitions): self
    {
        return new self($this->tenths + $tenths, $this->repetitions + $repetitions);
    }

    /** @return array{seconds: float, repetitions: int} */
    public function toArray(): array
    {
        return ['seconds' => TimeWords::seconds($this->tenths), 'repetitions' => $this->repetitions];
    }

    public function isMissing(): bool
    {
        return $this->tenths === 0;
    }

    /**
     * Both present; counted: repetitions equal and seconds within the larger of 2 s and 5 %; timed: seconds within the larger of 4 s and 10 %,
     * for nobody is blamed for what comes of rounding to breaths.
     */
    public function balances(self $other, bool $isTimed = false): bool
    {
        $most = max($this->tenths, $other->tenths);
        $within = $isTimed ? max(40, 0.1 * $most) : max(20, 0.05 * $most);

        return !$this->isMissing() && !$other->isMissing()
            && ($isTimed || $this->repetitions === $other->repetitions)
            && abs($this->tenths - $other->tenths) <= $within;
    }
}
