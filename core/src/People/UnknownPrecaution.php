<?php

declare(strict_types=1);

namespace KindChair\People;

use OutOfBoundsException;

/** A precaution that is not in the book. */
final class UnknownPrecaution extends OutOfBoundsException
{
    /** @param list<string> $known */
    public static function withCode(string $code, array $known): self
    {
        return new self("There is no precaution \"$code\"; there are: " . implode(', ', $known) . '.');
    }
}
