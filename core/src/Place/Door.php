<?php

declare(strict_types=1);

namespace KindChair\Place;

/** A door of a room. Millimetres. */
final readonly class Door
{
    /** @param int $at where along its wall its middle is, from the left or from the front */
    public function __construct(public Wall $wall, public int $at, public int $width)
    {
    }
}
