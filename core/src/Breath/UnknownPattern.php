<?php

declare(strict_types=1);

namespace KindChair\Breath;

use OutOfBoundsException;

/** A breath pattern that is not in the book. */
final class UnknownPattern extends OutOfBoundsException
{
    /** @param list<string> $known */
    public static function withId(string $id, array $known): self
    {
        return new self("There is no breath pattern \"$id\"; there are: " . implode(', ', $known) . '.');
    }
}
