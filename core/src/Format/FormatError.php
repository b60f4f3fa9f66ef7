<?php

declare(strict_types=1);

namespace KindChair\Format;

use RuntimeException;

/** Says where a document is wrong and what was expected there. */
final class FormatError extends RuntimeException
{
    private function __construct(public readonly string $place, public readonly string $expected)
    {
        parent::__construct($place === '' ? ucfirst($expected) : "At $place: $expected");
    }

    /** In the words of whoever refuses; the place is empty when the words say enough. */
    public static function at(string $place, string $words): self
    {
        return new self($place, $words);
    }

    public static function isMissing(string $place, string $member): self
    {
        return new self($place, "\"$member\" is missing.");
    }

    public static function expected(string $place, string $what, string $found): self
    {
        return new self($place, "expected $what, found $found.");
    }

    /** @param list<string> $allowed */
    public static function notOneOf(string $place, array $allowed, string $found): self
    {
        return self::expected($place, 'one of: ' . implode(', ', $allowed), "\"$found\"");
    }

    public static function isEmpty(string $place, string $what): self
    {
        return new self($place, "expected at least one $what.");
    }

    public static function isUnknown(string $place, string $what, string $id): self
    {
        return new self($place, "there is no $what \"$id\".");
    }
}
