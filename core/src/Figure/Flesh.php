<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** A part of the body as balls in the figure's room, joined by limbs that taper between two of them and by areas between several. */
final class Flesh
{
    /** @var list<Vector> */
    public array $balls = [];
    /** @var list<float> radius of each ball, in units */
    public array $radii = [];
    /** @var list<array{int, int}> */
    public array $limbs = [];
    /** @var list<list<int>> corners of areas */
    public array $areas = [];
    /** @var array<int, Seen> by the number of the camera */
    private array $seen = [];

    /** Adds a ball and joins it to others; its number. */
    public function ball(Vector $at, float $radius, int ...$joinedTo): int
    {
        $this->balls[] = $at;
        $this->radii[] = $radius;
        $number = count($this->balls) - 1;
        foreach ($joinedTo as $other) {
            $this->limbs[] = [$other, $number];
        }

        return $number;
    }

    public function area(int ...$balls): void
    {
        $this->areas[] = array_values($balls);
    }

    /** The same somewhere else. */
    public function moved(Vector $by): self
    {
        $moved = new self();
        $moved->balls = array_map(static fn (Vector $ball): Vector => $ball->plus($by), $this->balls);
        [$moved->radii, $moved->limbs, $moved->areas] = [$this->radii, $this->limbs, $this->areas];

        return $moved;
    }

    /** Whether its skin comes so near to that of another part, in units. */
    public function isWithin(self $other, float $apart): bool
    {
        foreach ($this->balls as $i => $ball) {
            foreach ($other->balls as $j => $at) {
                $x = $ball->x - $at->x;
                $y = $ball->y - $at->y;
                $z = $ball->z - $at->z;
                $both = $this->radii[$i] + $other->radii[$j] + $apart;
                if ($x * $x + $y * $y + $z * $z <= $both * $both) {
                    return true;
                }
            }
        }

        return false;
    }

    /** As it is seen from somewhere; nothing is added to it any more. */
    public function by(Camera $camera): Seen
    {
        if (isset($this->seen[$camera->number ?? -1])) {
            return $this->seen[$camera->number ?? -1];
        }
        $seen = new Seen($camera, $this->balls, $this->radii, $this->limbs, $this->areas);
        if ($camera->number !== null) {
            // As it was seen from two places at most: a class is seen from few.
            $this->seen = [$camera->number => $seen] + array_slice($this->seen, 0, 1, true);
        }

        return $seen;
    }
}
