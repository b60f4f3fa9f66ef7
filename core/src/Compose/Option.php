<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** One way in which a candidate may stand in a class: a rung in a dose, with what it takes and what it is worth. */
final readonly class Option
{
    /**
     * @param int $tenths tenths of a second that it takes, changes of place and of props included
     * @param int $points what it is worth, as docs/compose.md tells
     * @param int $tags what it brings, as bits of the problem's tags
     */
    public function __construct(public string $id, public int $tenths, public int $points, public int $tags = 0)
    {
    }
}
