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

        return $this->strip(-$w, -$d, $w, $d);
    }

    /** @return list<array{float, float}> where stretched legs come to, before the seat's front edge; a bed holds them itself */
    public function before(int $reach): array
    {
        return $this->kind === SeatKind::Bed ? [] : $this->strip(-300, -300 - $reach, 300, -300);
    }

    /** @return list<array{float, float}> where someone stands behind a chair */
    public function behind(int $reach): array
    {
        return $this->kind !== SeatKind::Chair || $reach === 0 ? [] : $this->strip(-300, 300, 300, 300 + $reach);
    }

    /** @return array{list<array{float, float}>, list<array{float, float}>} a strip along each side, left and right, for a helper */
    public function sides(int $width): array
    {
        $w = $this->kind->width() / 2;
        $d = $this->kind->depth() / 2;

        return [$this->strip(-$w - $width, -$d, -$w, $d), $this->strip($w, -$d, $w + $width, $d)];
    }

    /** How far a point is from what stands here; 0 within it. */
    public function distanceTo(int $x, int $y): float
    {
        $c = cos(deg2rad($this->turn));
        $s = sin(deg2rad($this->turn));
        $dx = $x - $this->x;
        $dy = $y - $this->y;

        return hypot(
            max(0, abs($dx * $c + $dy * $s) - $this->kind->width() / 2),
            max(0, abs(-$dx * $s + $dy * $c) - $this->kind->depth() / 2),
        );
    }

    /** @return list<array{float, float}> a rectangle given as the sitter sees it (ahead is less y), in the room */
    private function strip(float $fromX, float $fromY, float $toX, float $toY): array
    {
        $c = cos(deg2rad($this->turn));
        $s = sin(deg2rad($this->turn));

        return array_map(
            fn (array $corner): array => [$this->x + $corner[0] * $c - $corner[1] * $s, $this->y + $corner[0] * $s + $corner[1] * $c],
            [[$fromX, $fromY], [$toX, $fromY], [$toX, $toY], [$fromX, $toY]],
        );
    }
}
