<?php

declare(strict_types=1);

namespace KindChair\Place;

/** A chair, wheelchair or bed at its place. Millimetres from the room's left front corner. */
final readonly class Seat
{
    /**
     * @param string $person participant id; empty for a spare chair
     * @param int $x of the middle
     * @param int $y of the middle
     * @param int $turn degrees; 0 looks to the front wall (y = 0), 90 to the right wall
     */
    public function __construct(public string $person, public SeatKind $kind, public int $x, public int $y, public int $turn)
    {
    }

    /** @return list<array{float, float}> the four corners, in turn */
    public function corners(int $more = 0): array
    {
        $w = ($this->kind->width() + $more) / 2;
        $d = ($this->kind->depth() + $more) / 2;
        $c = cos(deg2rad($this->turn));
        $s = sin(deg2rad($this->turn));

        return array_map(
            fn (array $corner): array => [$this->x + $corner[0] * $c - $corner[1] * $s, $this->y + $corner[0] * $s + $corner[1] * $c],
            [[-$w, -$d], [$w, -$d], [$w, $d], [-$w, $d]],
        );
    }
}
