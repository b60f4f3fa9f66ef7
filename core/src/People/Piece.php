<?php

declare(strict_types=1);

namespace KindChair\People;

use InvalidArgumentException;

/** Blocks or books of one kind that can be put under feet. Millimetres. */
final readonly class Piece
{
    /** @param int $count how many there are; each foot takes half of them */
    public function __construct(public string $name, public int $height, public int $count)
    {
        if ($height < 1 || $height > 500 || $count < 0 || $count > 100) {
            throw new InvalidArgumentException("\"$name\": a block is 1 to 500 mm high, and there are 0 to 100 of them.");
        }
    }
}
