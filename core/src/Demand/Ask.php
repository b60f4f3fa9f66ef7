<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\Side;

/** One demand of a rung, with its measure. */
final readonly class Ask
{
    /**
     * @param int $measure degrees or a number; 1 for what is there or not, and for what is timed by its steps
     * @param Side|null $side on which it falls while the left is named; null for the whole body
     * @param list<string> $steps ids of the steps in which it holds
     */
    public function __construct(public Demand $demand, public int $measure, public ?Side $side, public array $steps)
    {
    }

    /** The same while another side is named. */
    public function named(Side $named): self
    {
        return $named === Side::Left || $this->side === null ? $this : new self($this->demand, $this->measure, $this->side->other(), $this->steps);
    }
}
