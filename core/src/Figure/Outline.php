<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * Builds the path of a shape from parts that may lie over each other: limbs that taper between two circles, areas between points,
 * lines. All parts run round the same way, so that together they are one shape. The letters of the path do not depend on where
 * the points are: two poses of a body have the same path with other numbers.
 */
final class Outline extends Path
{
    /** Cosine of the angle at which a limb's sides leave the line between its circles, at most: 11 degrees. */
    private const MOST = 0.98;
    /** Tenths of a unit to which nothing is drawn off the page, and the same with the half that rounds. */
    private const OFF = 100_000;
    private const ROUNDING = self::OFF + 0.5;
    private const LIMB = 'M%d %dA%d %d 0 1 1 %d %dL%d %dA%d %d 0 0 1 %d %dZ';

    /** The outline of two circles and of the lines that touch both. */
    public function limb(float $x1, float $y1, float $r1, float $x2, float $y2, float $r2): self
    {
        return $this->limbs([$x1, $y1, 0.0, $r1, $x2, $y2, 0.0, $r2], [[0, 1]]);
    }

    /**
     * The same of many at once.
     *
     * @param list<float> $balls four numbers each: place on the page, depth, radius
     * @param list<array{int, int}> $limbs which of them are joined
     */
    public function limbs(array $balls, array $limbs): self
    {
        $numbers = $this->numbers;
        foreach ($limbs as [$from, $to]) {
            // The larger one first.
            if ($balls[4 * $to + 3] > $balls[4 * $from + 3]) {
                [$from, $to] = [$to, $from];
            }
            $from = 4 * $from;
            $to = 4 * $to;
            $x1 = $balls[$from];
            $y1 = $balls[$from + 1];
            $r1 = $balls[$from + 3];
            $x2 = $balls[$to];
            $y2 = $balls[$to + 1];
            $r2 = $balls[$to + 3];
            $dx = $x2 - $x1;
            $dy = $y2 - $y1;
            $length = sqrt($dx * $dx + $dy * $dy);
            $ux = $length < 1e-6 ? 1.0 : $dx / $length;
            $uy = $length < 1e-6 ? 0.0 : $dy / $length;
            // Cosine and sine of the angle at which the sides leave the line between the circles.
            $cos = $length <= $r1 - $r2 ? self::MOST : ($r1 - $r2) / $length;
            $cos = $cos > self::MOST ? self::MOST : $cos;
            $sin = sqrt(1 - $cos * $cos);
            $ca = $ux * $cos - $uy * $sin;
            $sa = $uy * $cos + $ux * $sin;
            $cb = $ux * $cos + $uy * $sin;
            $sb = $uy * $cos - $ux * $sin;
            $a = (int) ($r1 * 10 + 0.5);
            $b = (int) ($r2 * 10 + 0.5);
            // Rounded without a call.
            $numbers[] = (int) (($x1 + $r1 * $ca) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) (($y1 + $r1 * $sa) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = $a;
            $numbers[] = $a;
            $numbers[] = (int) (($x1 + $r1 * $cb) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) (($y1 + $r1 * $sb) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) (($x2 + $r2 * $cb) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) (($y2 + $r2 * $sb) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = $b;
            $numbers[] = $b;
            $numbers[] = (int) (($x2 + $r2 * $ca) * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) (($y2 + $r2 * $sa) * 10 + self::ROUNDING) - self::OFF;
        }

        $this->numbers = $numbers;
        $this->letters .= str_repeat(self::LIMB, count($limbs));

        return $this;
    }

    /** @param list<array{float, float}> $points corners of an area, in either order */
    public function area(array $points): self
    {
        $twice = 0.0;
        $last = $points[count($points) - 1];
        foreach ($points as $point) {
            $twice += $last[0] * $point[1] - $point[0] * $last[1];
            $last = $point;
        }
        // Limbs run clockwise on the page, where y points down.
        $this->through($twice < 0 ? array_reverse($points) : $points);
        $this->letters .= 'Z';

        return $this;
    }

    /** @param list<array{float, float}> $points that an area goes round, the smallest that holds them all */
    public function hull(array $points): self
    {
        return $this->area(self::around($points));
    }

    /** @param list<array{float, float}> $points of a line that is stroked */
    public function line(array $points): self
    {
        return $this->through($points);
    }

    public function circle(float $x, float $y, float $r): self
    {
        $this->letters .= 'M%d %da%d %d 0 1 1 %d 0a%d %d 0 1 1 %d 0Z';
        $ten = (int) round($r * 10);
        array_push($this->numbers, (int) round(($x - $r) * 10), (int) round($y * 10), $ten, $ten, 2 * $ten, $ten, $ten, -2 * $ten);

        return $this;
    }

    /** @param list<array{float, float}> $points that a line passes through, rounded between them */
    public function curve(array $points): self
    {
        $this->letters .= 'M%d %d' . str_repeat('C%d %d %d %d %d %d', count($points) - 1);
        self::push($this->numbers, $points[0]);
        foreach (self::bends($points) as $i => $bends) {
            foreach ([...$bends, $points[$i + 1]] as $point) {
                self::push($this->numbers, $point);
            }
        }

        return $this;
    }

    /**
     * @param list<array{float, float}> $points that a line passes through
     * @return list<array{array{float, float}, array{float, float}}> what it bends towards between each two of them
     */
    public static function bends(array $points): array
    {
        $bends = [];
        $last = count($points) - 1;
        for ($i = 0; $i < $last; ++$i) {
            [$before, $from, $to, $after] = [$points[max(0, $i - 1)], $points[$i], $points[$i + 1], $points[min($last, $i + 2)]];
            $bends[] = [
                [$from[0] + ($to[0] - $before[0]) / 6, $from[1] + ($to[1] - $before[1]) / 6],
                [$to[0] - ($after[0] - $from[0]) / 6, $to[1] - ($after[1] - $from[1]) / 6],
            ];
        }

        return $bends;
    }

    public function filled(string $role, bool $halo = false): Shape
    {
        return new Shape($role, [$this], 0, $halo);
    }

    /** @param float $width in units */
    public function stroked(string $role, float $width, bool $halo = false): Shape
    {
        return new Shape($role, [$this], (int) round($width * 10), $halo);
    }

    /** @param list<array{float, float}> $points */
    private function through(array $points): self
    {
        $this->letters .= 'M%d %d' . str_repeat('L%d %d', count($points) - 1);
        $numbers = $this->numbers;
        foreach ($points as [$x, $y]) {
            $numbers[] = (int) ($x * 10 + self::ROUNDING) - self::OFF;
            $numbers[] = (int) ($y * 10 + self::ROUNDING) - self::OFF;
        }
        $this->numbers = $numbers;

        return $this;
    }

    /**
     * @param list<int> $numbers
     * @param array{float, float} $point
     */
    private static function push(array &$numbers, array $point): void
    {
        $numbers[] = (int) ($point[0] * 10 + self::ROUNDING) - self::OFF;
        $numbers[] = (int) ($point[1] * 10 + self::ROUNDING) - self::OFF;
    }

    /**
     * @param list<array{float, float}> $points
     * @return list<array{float, float}> the corners of the smallest area that holds them all
     */
    public static function around(array $points): array
    {
        sort($points);

        return [...self::halfHull($points), ...self::halfHull(array_reverse($points))];
    }

    /**
     * @param list<array{float, float}> $points from one end to the other
     * @return list<array{float, float}> the corners on one side, without the last
     */
    private static function halfHull(array $points): array
    {
        $hull = [];
        foreach ($points as $point) {
            while (count($hull) > 1) {
                $a = $hull[count($hull) - 2];
                $b = $hull[count($hull) - 1];
                if (($b[0] - $a[0]) * ($point[1] - $a[1]) - ($b[1] - $a[1]) * ($point[0] - $a[0]) > 1e-9) {
                    break;
                }
                array_pop($hull);
            }
            $hull[] = $point;
        }
        array_pop($hull);

        return $hull;
    }
}
