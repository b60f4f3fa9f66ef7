<?php

declare(strict_types=1);

namespace KindChair\Movement;

use Closure;
use OutOfBoundsException;

/** All movements a class can be made of; each is read when it is first asked for. */
final class MovementLibrary
{
    /** @param array<string, Movement|Closure(): Movement> $movements by id */
    private function __construct(private array $movements)
    {
    }

    /** @param list<Movement> $movements */
    public static function of(array $movements): self
    {
        return new self(array_column($movements, null, 'id'));
    }

    /** @param array<string, Closure(): Movement> $readers by the id of the movement they read */
    public static function reading(array $readers): self
    {
        return new self($readers);
    }

    public function has(string $id): bool
    {
        return isset($this->movements[$id]);
    }

    public function get(string $id): Movement
    {
        $movement = $this->movements[$id] ?? throw new OutOfBoundsException("There is no movement \"$id\" in the library.");

        return $movement instanceof Movement ? $movement : $this->movements[$id] = $movement();
    }

    /** @return list<Movement> */
    public function all(): array
    {
        return array_map($this->get(...), array_keys($this->movements));
    }
}
