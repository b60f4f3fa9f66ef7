<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** Things as they are seen: straps, rolls, boxes, cloths. Each has the same lines however it lies, so that it can be moved. */
final readonly class PropShapes
{
    private const STRAP = 1.5;
    /** A towel that is rolled. */
    private const ROLLED = 3.0;
    private const SCARF = 3.4;
    /** Points of a round corner. */
    private const ROUND = 16;
    /** Units of the line round a thing. */
    private const EDGE = 0.5;

    public function __construct(private Camera $camera)
    {
    }

    /**
     * @param list<Vector> $points
     * @return list<Shape>
     */
    public function strap(array $points, bool $isRolled = false): array
    {
        $line = (new Outline())->line(array_map($this->camera->page(...), $points));
        $width = $isRolled ? self::ROLLED : self::STRAP;

        return [$line->stroked('prop-edge', $width + 2 * self::EDGE), $line->stroked('prop', $width)];
    }

    /** @return list<Shape> a roll between two points, a ball where they are one */
    public function roll(Vector $from, Vector $to, float $radius): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($from), $this->camera->page($to)];
        $r = $radius * $this->camera->scale();

        return [(new Outline())->limb($x1, $y1, $r, $x2, $y2, $r)->filled('prop-edge', true), (new Outline())->limb($x1, $y1, $r - self::EDGE, $x2, $y2, $r - self::EDGE)->filled('prop')];
    }

    /**
     * @param list<Vector> $corners
     * @return list<Shape> soft all round
     */
    public function pillow(array $corners, float $radius): array
    {
        $round = function (float $r) use ($corners): array {
            $points = [];
            foreach (array_map($this->camera->page(...), $corners) as [$x, $y]) {
                for ($at = 0; $at < self::ROUND; ++$at) {
                    $points[] = [$x + $r * cos(2 * M_PI * $at / self::ROUND), $y + $r * sin(2 * M_PI * $at / self::ROUND)];
                }
            }

            return $points;
        };
        $r = $radius * $this->camera->scale();

        return [(new Outline())->hull($round($r))->filled('prop-edge', true), (new Outline())->hull($round($r - self::EDGE))->filled('prop')];
    }

    /** @return list<Shape> a rod between two points, thicker at its ends */
    public function barbell(Vector $from, Vector $to, float $thin, float $thick): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($from), $this->camera->page($to)];
        $drawn = static fn (float $less): Outline => (new Outline())->limb($x1, $y1, $thin - $less, $x2, $y2, $thin - $less)->circle($x1, $y1, $thick - $less)->circle($x2, $y2, $thick - $less);

        return [$drawn(0.0)->filled('prop-edge', true), $drawn(self::EDGE)->filled('prop')];
    }

    /** @return list<Shape> a cloth that hangs from a hand */
    public function tapered(Vector $from, float $thin, Vector $to, float $thick): array
    {
        [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($from), $this->camera->page($to)];

        return [(new Outline())->limb($x1, $y1, $thin, $x2, $y2, $thick)->filled('prop-edge', true), (new Outline())->limb($x1, $y1, $thin - self::EDGE, $x2, $y2, $thick - self::EDGE)->filled('prop')];
    }

    /** @return list<Shape> a low seat under a heel, as wide as the leg */
    public function stool(Vector $heel, float $half): array
    {
        $top = [];
        $legs = new Outline();
        foreach ([[-$half, -6.0], [$half, -6.0], [$half, 7.0], [-$half, 7.0]] as [$x, $z]) {
            $corner = $heel->plus(new Vector($x, 0, $z));
            $top[] = $this->camera->page($corner);
            [[$x1, $y1], [$x2, $y2]] = [$this->camera->page($corner), $this->camera->page(new Vector($corner->x, Measures::FLOOR, $corner->z))];
            $legs->limb($x1, $y1, 0.8, $x2, $y2, 0.8);
        }

        return [$legs->filled('seat'), (new Outline())->area($top)->filled('seat', true)];
    }

    /** @return list<Shape> a box of some width and depth, as high as a thick book: the three faces that are seen, and their edges */
    public function box(Vector $centre, float $wide, float $deep, float $high = PropPoints::ROLL): array
    {
        $p = fn (float $x, float $y, float $z): array => $this->camera->page($centre->plus(new Vector($x * $wide, $y * $high, $z * $deep)));
        $x = $this->camera->depth(new Vector(1, 0, 0)) > 0 ? 1 : -1;
        $front = [$p(-$x, 1, 1), $p($x, 1, 1), $p($x, -1, 1), $p(-$x, -1, 1)];
        [$top, $side] = [[$p(-$x, 1, 1), $p(-$x, 1, -1), $p($x, 1, -1), $p($x, 1, 1)], [$p($x, 1, -1), $p($x, -1, -1), $p($x, -1, 1)]];
        $faces = (new Outline())->area($front)->area($top)->area([$front[1], ...$side]);

        return [$faces->filled('prop', true), (new Outline())->line([...$front, $front[0]])->line($top)->line($side)->stroked('prop-edge', self::EDGE)];
    }

    /**
     * @param list<Vector> $corners
     * @return list<Shape> a blanket that lies over something
     */
    public function sheet(array $corners): array
    {
        $page = array_map($this->camera->page(...), $corners);
        $outline = (new Outline())->area($page);

        return [$outline->filled('prop', true), (new Outline())->line([...$page, $page[0]])->stroked('prop-edge', self::EDGE)];
    }

    /**
     * @param non-empty-list<array{Vector, Vector}> $rows its edges left and right, the first and last its ends, those between folds
     * @return list<Shape> a cloth that lies flat
     */
    public function cloth(array $rows): array
    {
        $page = array_map(fn (array $row): array => array_map($this->camera->page(...), $row), $rows);
        $last = $page[count($page) - 1];
        $edge = [$page[0][0], $last[0], $last[1], $page[0][1]];
        $lines = (new Outline())->line([...$edge, $edge[0]]);
        foreach (array_slice($page, 1, -1) as $fold) {
            $lines->line($fold);
        }

        return [(new Outline())->area($edge)->filled('prop', true), $lines->stroked('prop-edge', self::EDGE)];
    }

    /**
     * @param list<non-empty-list<Vector>> $ends
     * @return list<Shape> broad strips that hang, rounded where they bend
     */
    public function scarf(array $ends): array
    {
        $line = new Outline();
        foreach ($ends as $end) {
            $line->curve(array_map($this->camera->page(...), $end));
        }

        return [$line->stroked('prop-edge', self::SCARF + 2 * self::EDGE), $line->stroked('prop', self::SCARF)];
    }

    /** @return list<Shape> so far ahead of the seat */
    public function wall(float $ahead): array
    {
        $corners = array_map(fn (array $at): array => $this->camera->page(new Vector($at[0], $at[1], $ahead)), [[-24.0, Measures::FLOOR], [24.0, Measures::FLOOR], [24.0, 46.0], [-24.0, 46.0]]);

        return [(new Outline())->area($corners)->filled('sheet')];
    }
}
