<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Movement\JointAngle;

/** What a check has to say about an offer: why it does not serve, or what holds it. */
final readonly class Verdict
{
    /**
     * @param list<string> $refusals a sentence each; none when the rung serves
     * @param list<JointAngle> $caps angles held to this person
     * @param int|null $atMost unbroken tenths of a second before a pause
     * @param list<string> $why a sentence for each thing that is held
     */
    public function __construct(
        public array $refusals = [],
        public array $caps = [],
        public ?int $atMost = null,
        public bool $ownBreath = false,
        public array $why = [],
    ) {
    }

    public function and(self $other): self
    {
        if ($other->isSilent() || $this->isSilent()) {
            return $other->isSilent() ? $this : $other;
        }

        return new self(
            [...$this->refusals, ...$other->refusals],
            array_values(array_unique([...$this->caps, ...$other->caps], SORT_REGULAR)),
            $this->atMost === null ? $other->atMost : min($this->atMost, $other->atMost ?? PHP_INT_MAX),
            $this->ownBreath || $other->ownBreath,
            array_values(array_unique([...$this->why, ...$other->why])),
        );
    }

    private function isSilent(): bool
    {
        return $this->refusals === [] && $this->caps === [] && $this->atMost === null && !$this->ownBreath && $this->why === [];
    }
}
