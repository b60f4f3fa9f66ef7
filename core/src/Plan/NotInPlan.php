<?php

declare(strict_types=1);

namespace KindChair\Plan;

use OutOfBoundsException;

/** An entry, section or person asked for that this class has not. */
final class NotInPlan extends OutOfBoundsException
{
    public static function entry(string $id): self
    {
        return new self("There is no entry \"$id\" in this class.");
    }

    public static function person(string $entry, string $participant): self
    {
        return new self("Nobody called \"$participant\" does anything in entry \"$entry\".");
    }

    public static function section(string $id): self
    {
        return new self("There is no section \"$id\" in this class.");
    }
}
