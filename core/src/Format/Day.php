<?php

declare(strict_types=1);

namespace KindChair\Format;

use DateTimeImmutable;

/** A day as open files write it: year, month, day, such as 2026-05-31. */
final class Day
{
    /** The day that is written; null for none, and for one that there is not. */
    public static function read(?string $written): ?DateTimeImmutable
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $written ?? '', $parts) === 1 && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])
            ? new DateTimeImmutable($parts[0])
            : null;
    }
}
