<?php

declare(strict_types=1);

namespace KindChair\Movement;

use InvalidArgumentException;

/** A movement that could not be done as it is written. */
final class InvalidMovement extends InvalidArgumentException
{
    public static function needsCycle(string $id): self
    {
        return new self("Movement \"$id\" needs at least one cycle step.");
    }

    public static function onlyFreeStepsHaveSeconds(string $id, ?int $tenths): self
    {
        return new self(sprintf('Step "%s": a free step needs its own seconds above 0, and only a free step has them; got %s.', $id, $tenths === null ? 'none' : $tenths / 10));
    }

    public static function levelIs(string $id, int $level): self
    {
        return new self("Variation \"$id\": levels start at 1 with the gentlest; got $level.");
    }

    public static function doseIs(DoseUnit $unit, int $amount, int $most): self
    {
        return new self("A dose in {$unit->value} is 1 to $most; got $amount.");
    }
}
