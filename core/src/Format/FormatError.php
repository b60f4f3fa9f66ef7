<?php

declare(strict_types=1);

namespace KindChair\Format;

use RuntimeException;

/** Says where a document is wrong and what was expected there. */
final class FormatError extends RuntimeException
{
    public function __construct(public readonly string $place, public readonly string $expected)
    {
        parent::__construct($place === '' ? ucfirst($expected) : "At $place: $expected");
    }
}
