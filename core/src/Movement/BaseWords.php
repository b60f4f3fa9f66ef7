<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What is said on one base: to somebody who sits on it among others, and to a class that sits on it. */
final readonly class BaseWords
{
    /** The key of what is said to somebody who lies flat, beside the bases. */
    public const FLAT = 'bed-flat';

    /**
     * @param string|null $say exactly what is done there, said to that person
     * @param string|null $introduction in place of the chair's, where that would not be true
     * @param array<string, Cue> $cues by step id, in place of the chair's
     * @param LyingShape|null $shape what the line tells, for who lies flat
     * @param list<HandContact> $hands where the line has the hands; a hand that lies there lies nowhere else
     * @param list<ElbowContact> $elbows the same of elbows
     */
    public function __construct(public ?string $say = null, public ?string $introduction = null, public array $cues = [], public ?LyingShape $shape = null, public array $hands = [], public array $elbows = [])
    {
    }

    /** These words, and those of a movement where a rung has none of its own. */
    public function or(self $others): self
    {
        // A line of its own tells a shape and hands of its own.
        $told = $this->say === null ? $others : $this;

        return new self(
            $this->say ?? $others->say,
            $this->introduction ?? $others->introduction,
            [...$others->cues, ...$this->cues],
            $this->shape ?? $told->shape,
            $this->hands === [] ? $told->hands : $this->hands,
            $this->elbows === [] ? $told->elbows : $this->elbows,
        );
    }
}
