<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Breath\BreathPattern;

/** A part of a class. */
final readonly class Section
{
    /** @param list<Entry> $entries */
    public function __construct(
        public string $id,
        public SectionKind $kind,
        public array $entries,
        public ?BreathPattern $pattern = null,
    ) {
    }

    /** @param list<Entry> $entries */
    public function withEntries(array $entries): self
    {
        return new self($this->id, $this->kind, $entries, $this->pattern);
    }
}
