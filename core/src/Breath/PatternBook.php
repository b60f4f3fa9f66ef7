<?php

declare(strict_types=1);

namespace KindChair\Breath;

/** The shipped breath patterns. */
final readonly class PatternBook
{
    /** @var array<string, BreathPattern> */
    private array $byId;

    /** @param list<BreathPattern> $patterns */
    public function __construct(array $patterns)
    {
        $this->byId = array_column($patterns, null, 'id');
    }

    /** @throws UnknownPattern */
    public function get(string $id): BreathPattern
    {
        return $this->byId[$id] ?? throw UnknownPattern::withId($id, array_keys($this->byId));
    }

    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    /** @return list<BreathPattern> */
    public function all(): array
    {
        return array_values($this->byId);
    }
}
