<?php

declare(strict_types=1);

namespace App\Safekeeping;

use RuntimeException;

/** What lies where the key belongs is none. */
final class BadKey extends RuntimeException
{
    public static function notThirtyTwoBytes(): self
    {
        return new self('This is no key of Kind Chair: it has 32 bytes, written as base64 behind "base64:".');
    }

    public static function notWritable(string $file): self
    {
        return new self("The key could not be written to $file.");
    }
}
