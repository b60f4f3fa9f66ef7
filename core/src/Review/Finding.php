<?php

declare(strict_types=1);

namespace KindChair\Review;

/** Something to settle before class. */
final readonly class Finding
{
    /**
     * @param string $key the same for the same finding in the same place
     * @param string|null $entry the entry it belongs to; null for the whole class
     * @param string $says one sentence
     * @param string $why the reason, one sentence
     */
    public function __construct(
        public string $key,
        public Severity $severity,
        public Concern $concern,
        public ?string $entry,
        public string $says,
        public string $why,
        public string $source,
        public ?Remedy $remedy,
    ) {
    }

    /** The rule that made it. */
    public function rule(): string
    {
        return (string) strtok($this->key, ':');
    }

    /** Whether a rule may be set aside for all classes: what could hurt somebody is looked at in each. */
    public function mayBeSetAsideEverywhere(): bool
    {
        return $this->severity !== Severity::Harm;
    }
}
