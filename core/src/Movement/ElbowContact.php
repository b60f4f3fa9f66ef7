<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** An elbow that lies on something while its hand is free or lies elsewhere, told from the side that is named. */
final readonly class ElbowContact
{
    /**
     * @param AngleRole $who Work, Other or Both
     * @param bool $slides whether it comes to lie elsewhere from step to step
     * @param list<string> $in ids of the steps in which it lies there; empty for all but those of leaving
     */
    public function __construct(public AngleRole $who, public ElbowPlace $on, public bool $slides = false, public array $in = [])
    {
    }

    public function holdsDuring(string $step, Phase $phase): bool
    {
        return $this->in === [] ? $phase !== Phase::Leave : in_array($step, $this->in, true);
    }
}
