<?php

declare(strict_types=1);

namespace KindChair\Plan;

use OutOfBoundsException;

/** An entry or section asked for that this class has not. */
final class NotInPlan extends OutOfBoundsException
{
    public static function entry(string $id): self
    {
        return new self("There is no entry \"$id\" in this class.");
    }

    public static function section(string $id): self
    {
        return new self("There is no section \"$id\" in this class.");
    }
}
