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

    public static function doseIs(DoseUnit $unit, int|float $amount, int $most): self
    {
        $whole = $unit === DoseUnit::Seconds ? 'to a tenth' : 'a whole number';

        return new self("A dose in {$unit->value} is 1 to $most, $whole; got $amount.");
    }

    public static function rangeIs(int|float|null $from, int|float|null $to): self
    {
        return new self('A range goes from the smaller to the larger amount; got ' . ($from ?? 'nothing') . ' to ' . ($to ?? 'nothing') . '.');
    }

    public static function tempoIs(int $usual, int $least, int $most): self
    {
        return new self(sprintf('A tempo is 0.2 to 30 seconds a repetition, the usual between the least and the most; got %.1f (%.1f to %.1f).', $usual / 10, $least / 10, $most / 10));
    }
}
