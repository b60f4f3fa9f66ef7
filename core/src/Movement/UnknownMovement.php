<?php

declare(strict_types=1);

namespace KindChair\Movement;

use OutOfBoundsException;

/** A movement or a rung of it that is not in the library. */
final class UnknownMovement extends OutOfBoundsException
{
    public static function withId(string $id): self
    {
        return new self("There is no movement \"$id\" in the library.");
    }

    /** @param list<string> $known */
    public static function variation(string $movement, string $id, array $known): self
    {
        return new self("\"$movement\" has no variation \"$id\"; it has: " . implode(', ', $known) . '.');
    }
}
