<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** Candidates of one part of a class, of which at least and at most so many are taken. */
final readonly class Part
{
    /** @param list<Candidate> $candidates */
    public function __construct(public string $id, public int $least, public int $most, public array $candidates)
    {
    }

    public function atLeast(int $least): self
    {
        return new self($this->id, $least, $this->most, $this->candidates);
    }

    /** @param list<Candidate> $candidates */
    public function with(array $candidates): self
    {
        return new self($this->id, $this->least, $this->most, $candidates);
    }
}
