<?php

declare(strict_types=1);

namespace KindChair\Body;

/** The comfortable range of one joint action, in degrees. */
final readonly class JointRange
{
    /** @throws InvalidRange */
    public function __construct(public int $from, public int $to)
    {
        if ($from < 0 || $to < $from || $to > 180) {
            throw InvalidRange::runsFromTo($from, $to);
        }
    }

    public function holds(int $degrees): bool
    {
        return $degrees >= $this->from && $degrees <= $this->to;
    }

    /** The angle nearest to $degrees that is still comfortable. */
    public function nearest(int $degrees): int
    {
        return max($this->from, min($this->to, $degrees));
    }

    public function cappedAt(int $degrees): self
    {
        $to = max(0, min($this->to, $degrees));

        return new self(min($this->from, $to), $to);
    }
}
