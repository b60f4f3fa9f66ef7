<?php

declare(strict_types=1);

namespace KindChair\Plan;

use InvalidArgumentException;

/** A plan that no class could follow. */
final class InvalidPlan extends InvalidArgumentException
{
    public static function slotIs(int $minutes): self
    {
        return new self("A class takes 5 to 180 minutes; got $minutes.");
    }

    /** @param array<string> $ids */
    public static function idsAreUsedTwice(array $ids): self
    {
        return new self('Each entry needs an id of its own; used twice: ' . implode(', ', $ids) . '.');
    }

    public static function restIs(int $tenths): self
    {
        return new self(sprintf('A rest takes 0 to 600 seconds; got %.1f.', $tenths / 10));
    }

    public static function speechIs(float $wordsASecond): self
    {
        return new self("Speech is planned at 0.5 to 2.5 words a second; got $wordsASecond.");
    }

    public static function sideChangeIs(int $tenths): self
    {
        return new self(sprintf('A change of side takes 0 to 60 seconds; got %.1f.', $tenths / 10));
    }

    public static function timesAre(int $times, int $most): self
    {
        return new self("A set is done 1 to $most times; got $times.");
    }

    public static function stationIs(int $tenths): self
    {
        return new self(sprintf('A station takes 10 to 600 seconds; got %.1f.', $tenths / 10));
    }

    public static function interludeIs(): self
    {
        return new self('An interlude is either a movement with its dose, or words with 1 to 600 seconds.');
    }

    public static function setUpIs(int $tenths): self
    {
        return new self(sprintf('A set-up takes 0 to 600 seconds; got %.1f.', $tenths / 10));
    }

    public static function groupIsUnknown(string $entry, string $group): self
    {
        return new self("Entry \"$entry\" belongs to \"$group\", which this section does not tell of.");
    }

    /** @param list<string> $regions */
    public static function orderNames(array $regions): self
    {
        return new self('An order of your own names each of the ten regions once; got ' . ($regions === [] ? 'none' : implode(', ', $regions)) . '.');
    }
}
