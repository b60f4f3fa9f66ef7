<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** Something that is taken at most once, in one of several ways. */
final readonly class Candidate
{
    /**
     * @param list<Option> $options
     * @param bool $isRequired whether one of them must be taken
     */
    public function __construct(public string $id, public array $options, public bool $isRequired = false)
    {
    }

    /** @param list<Option> $options */
    public function with(array $options): self
    {
        return new self($this->id, $options, $this->isRequired);
    }
}
