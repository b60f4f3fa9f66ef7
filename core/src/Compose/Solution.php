<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** What was taken, and how far it can be from the best there is. */
final readonly class Solution
{
    /**
     * @param list<Option> $taken in the order of the problem
     * @param int $points what they are worth together
     * @param int $tenths tenths of a second that they take
     * @param int $bound nothing that keeps to the problem is worth more
     */
    public function __construct(public array $taken, public int $points, public int $tenths, public int $bound)
    {
    }

    /** By how much of itself the best there is could be better; 0 when this is the best. */
    public function gap(): float
    {
        return $this->bound <= $this->points ? 0.0 : ($this->bound - $this->points) / max(1, abs($this->bound));
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_column($this->taken, 'id');
    }
}
