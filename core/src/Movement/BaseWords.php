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
     */
    public function __construct(public ?string $say = null, public ?string $introduction = null, public array $cues = [], public ?LyingShape $shape = null)
    {
    }

    /** These words, and those of a movement where a rung has none of its own. */
    public function or(self $others): self
    {
        // A line of its own tells a shape of its own.
        $shape = $this->shape ?? ($this->say === null ? $others->shape : null);

        return new self($this->say ?? $others->say, $this->introduction ?? $others->introduction, [...$others->cues, ...$this->cues], $shape);
    }
}
