<?php

declare(strict_types=1);

namespace KindChair\People;

/** Blocks or books of one kind that can be put under feet. Millimetres. */
final readonly class Piece
{
    /** @param int $count how many there are; each foot takes half of them */
    public function __construct(public string $name, public int $height, public int $count)
    {
        if ($height < 1 || $height > 500 || $count < 0 || $count > 100) {
            throw InvalidPerson::pieceMeasures($name, $height, $count);
        }
    }
}
