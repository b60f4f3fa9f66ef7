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

    /** Both present, repetitions equal, seconds within the larger of 2 s and 5 %. */
    public function balances(self $other): bool
    {
        $most = max($this->tenths, $other->tenths);

        return !$this->isMissing() && !$other->isMissing()
            && $this->repetitions === $other->repetitions
            && abs($this->tenths - $other->tenths) <= max(20, 0.05 * $most);
    }
}
