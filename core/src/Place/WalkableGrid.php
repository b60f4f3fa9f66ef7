<?php

declare(strict_types=1);

namespace KindChair\Place;

/**
 * Where the middle line of an aisle can run in a room, and which seats it comes to from a door. The room is looked at
 * in squares; row by row the open stretches are joined to those they touch, so that a large hall costs little.
 */
final class WalkableGrid
{
    /** Millimetres of a square's side. */
    private const SQUARE = 150;
    /** Squares from a way to a seat that count as being there. */
    private const AT_A_SEAT = 2;
    private const HALF_AISLE = Clearance::AISLE / 2;

    private readonly int $columns;

    private readonly int $rows;

    /** @var array<int, string> by row: one letter a square, "x" where something is too near to walk */
    private array $squares;

    /** @var list<list<array{int, int}>> by row: the first and last square of each open stretch */
    private array $stretches = [];

    /** @var array<string, true> row and number of each stretch that a door leads to */
    private array $reached = [];

    /** @param list<Seat> $seats */
    public function __construct(private readonly Room $room, array $seats)
    {
        $this->columns = intdiv($room->width, self::SQUARE) + 1;
        $this->rows = intdiv($room->depth, self::SQUARE) + 1;
        $this->squares = array_fill(0, $this->rows, str_repeat('.', $this->columns));
        foreach ($room->fixed as $thing) {
            $this->block($thing['x'] - self::HALF_AISLE, $thing['y'] - self::HALF_AISLE, $thing['x'] + $thing['width'] + self::HALF_AISLE, $thing['y'] + $thing['depth'] + self::HALF_AISLE, null);
        }
        foreach ($seats as $seat) {
            $reach = (int) ceil(hypot($seat->kind->width(), $seat->kind->depth()) / 2 + self::HALF_AISLE);
            $this->block($seat->x - $reach, $seat->y - $reach, $seat->x + $reach, $seat->y + $reach, $seat);
        }
        foreach ($this->squares as $row) {
            $this->stretches[] = self::openIn($row);
        }
        $this->walk();
    }

    /** Whether an aisle leads from a door to this seat. */
    public function comesTo(Seat $seat): bool
    {
        $near = self::HALF_AISLE + self::AT_A_SEAT * self::SQUARE;
        $reach = hypot($seat->kind->width(), $seat->kind->depth()) / 2 + $near;
        for ($r = max(0, (int) floor(($seat->y - $reach) / self::SQUARE)); $r < $this->rows && $r * self::SQUARE <= $seat->y + $reach; ++$r) {
            foreach ($this->stretches[$r] as $at => [$from, $to]) {
                if (!isset($this->reached["$r $at"])) {
                    continue;
                }
                $first = max($from, (int) floor(($seat->x - $reach) / self::SQUARE));
                $last = min($to, (int) ceil(($seat->x + $reach) / self::SQUARE));
                for ($c = $first; $c <= $last; ++$c) {
                    if ($seat->distanceTo($c * self::SQUARE, $r * self::SQUARE) < $near) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** Closes the squares strictly within a rectangle; round a seat only those nearer to it than half an aisle. */
    private function block(float $x1, float $y1, float $x2, float $y2, ?Seat $near): void
    {
        for ($r = max(0, (int) floor($y1 / self::SQUARE)); $r < $this->rows && $r * self::SQUARE < $y2; ++$r) {
            for ($c = max(0, (int) floor($x1 / self::SQUARE)); $c < $this->columns && $c * self::SQUARE < $x2; ++$c) {
                $isWithin = $c * self::SQUARE > $x1 && $r * self::SQUARE > $y1;
                if ($isWithin && ($near === null || $near->distanceTo($c * self::SQUARE, $r * self::SQUARE) < self::HALF_AISLE)) {
                    $this->squares[$r][$c] = 'x';
                }
            }
        }
    }

    /** @return list<array{int, int}> */
    private static function openIn(string $row): array
    {
        $open = [];
        for ($at = strspn($row, 'x'); $at < strlen($row); $at += $length + strspn($row, 'x', $at + $length)) {
            $length = strcspn($row, 'x', $at);
            $open[] = [$at, $at + $length - 1];
        }

        return $open;
    }

    /** From every door to all that touches. */
    private function walk(): void
    {
        $next = [];
        foreach (array_keys($this->room->doors) as $door) {
            [$x, $y] = $this->room->doorAt($door);
            $next[] = [intdiv($y, self::SQUARE), intdiv($x, self::SQUARE), intdiv($x, self::SQUARE)];
        }
        while (($step = array_pop($next)) !== null) {
            [$r, $from, $to] = $step;
            foreach ($this->stretches[$r] ?? [] as $at => [$first, $last]) {
                if (!isset($this->reached["$r $at"]) && $first <= $to && $last >= $from) {
                    $this->reached["$r $at"] = true;
                    array_push($next, [$r - 1, $first, $last], [$r + 1, $first, $last]);
                }
            }
        }
    }
}
