<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A hand on something, told from the side that is named. */
final readonly class HandContact
{
    /**
     * @param AngleRole $who Work, Other or Both
     * @param bool $bears whether weight goes through the wrist
     * @param bool $isAcross whether it lies on the other side of the body
     * @param list<string> $in ids of the steps in which it lies there; empty for all but those of leaving
     */
    public function __construct(
        public AngleRole $who,
        public HandPlace $on,
        public bool $bears = false,
        public bool $isAcross = false,
        public array $in = [],
    ) {
    }

    public function holdsDuring(string $step, Phase $phase): bool
    {
        return $this->in === [] ? $phase !== Phase::Leave : in_array($step, $this->in, true);
    }
}
