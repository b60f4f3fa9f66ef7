<?php

declare(strict_types=1);

namespace KindChair\Movement;

use OutOfBoundsException;

/** All movements a class can be made of. */
final readonly class MovementLibrary
{
    /** @var array<string, Movement> */
    private array $byId;

    /** @param list<Movement> $movements */
    public function __construct(array $movements)
    {
        $this->byId = array_column($movements, null, 'id');
    }

    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    public function get(string $id): Movement
    {
        return $this->byId[$id] ?? throw new OutOfBoundsException("There is no movement \"$id\" in the library.");
    }

    /** @return list<Movement> */
    public function all(): array
    {
        return array_values($this->byId);
    }
}
