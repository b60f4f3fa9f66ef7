<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * A point or direction in the figure's room: x to the person's right, y up, z forward.
 * One unit is a hundredth of the drawing box.
 */
final readonly class Vector
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public function plus(self $other, float $times = 1.0): self
    {
        return new self($this->x + $other->x * $times, $this->y + $other->y * $times, $this->z + $other->z * $times);
    }

    public function minus(self $other): self
    {
        return $this->plus($other, -1.0);
    }

    public function halved(): self
    {
        return new self($this->x / 2, $this->y / 2, $this->z / 2);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function length(): float
    {
        return sqrt($this->dot($this));
    }

    /** The same direction, one unit long; itself where it has no length. */
    public function unit(): self
    {
        $length = $this->length();

        return $length < 1e-9 ? $this : new self($this->x / $length, $this->y / $length, $this->z / $length);
    }

    /** How far this point is from the nearest point between two others. */
    public function from(self $start, self $end): float
    {
        $way = $end->minus($start);
        $share = max(0.0, min(1.0, $this->minus($start)->dot($way) / max(1e-9, $way->dot($way))));

        return $this->minus($start->plus($way, $share))->length();
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    public function mirrored(): self
    {
        return new self(-$this->x, $this->y, $this->z);
    }

    /** Tips forward (positive) about the left-right axis. Degrees. */
    public function pitched(float $degrees): self
    {
        $c = cos(deg2rad($degrees));
        $s = sin(deg2rad($degrees));

        return new self($this->x, $this->y * $c - $this->z * $s, $this->y * $s + $this->z * $c);
    }

    /** Tips to the right (positive) about the front-back axis. Degrees. */
    public function rolled(float $degrees): self
    {
        $c = cos(deg2rad($degrees));
        $s = sin(deg2rad($degrees));

        return new self($this->x * $c + $this->y * $s, -$this->x * $s + $this->y * $c, $this->z);
    }

    /** Turns to the right (positive) about the upright axis. Degrees. */
    public function yawed(float $degrees): self
    {
        $c = cos(deg2rad($degrees));
        $s = sin(deg2rad($degrees));

        return new self($this->x * $c + $this->z * $s, $this->y, -$this->x * $s + $this->z * $c);
    }
}
