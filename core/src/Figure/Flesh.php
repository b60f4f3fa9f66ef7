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

    /** @var list<array{float, float}> where the balls lie as they were last looked at */
    private array $page = [];
    private ?Camera $seenBy = null;
    private ?Outline $outline = null;
    /** @var array{list<array{float, float, float, float}>, array{float, float, float, float}, float}|null */
    private ?array $sampled = null;

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

    /** @return list<array{float, float}> where its balls lie on the page */
    public function page(Camera $camera): array
    {
        if ($this->seenBy !== $camera || count($this->page) !== count($this->balls)) {
            $this->seenBy = $camera;
            $this->outline = $this->sampled = null;
            $this->page = $camera->pages($this->balls);
        }

        return $this->page;
    }

    /**
     * How it lies as it is seen, to be compared with others.
     *
     * @param list<int>|null $some the balls that are compared; null for all
     * @param bool $between whether half way between those that are joined is compared too
     * @return array{list<array{float, float, float, float}>, array{float, float, float, float}, float} place on the page, depth and radius
     * of each; left, right, top and bottom of what they cover; the sum of their depths
     */
    public function sampled(Camera $camera, ?array $some, bool $between): array
    {
        $page = $this->page($camera);
        if ($this->sampled !== null) {
            return $this->sampled;
        }
        $scale = $camera->scale();
        $samples = $depths = [];
        foreach ($some ?? array_keys($this->balls) as $i) {
            $depths[$i] = $depth = $camera->depth($this->balls[$i]);
            $samples[] = [$page[$i][0], $page[$i][1], $depth, $this->radii[$i] * $scale];
        }
        foreach ($between ? $this->limbs : [] as [$from, $to]) {
            $samples[] = [($page[$from][0] + $page[$to][0]) / 2, ($page[$from][1] + $page[$to][1]) / 2, ($depths[$from] + $depths[$to]) / 2, ($this->radii[$from] + $this->radii[$to]) / 2 * $scale];
        }
        [$left, $right, $top, $bottom, $deep] = [INF, -INF, INF, -INF, 0.0];
        foreach ($samples as [$x, $y, $depth, $radius]) {
            $left = $x - $radius < $left ? $x - $radius : $left;
            $right = $x + $radius > $right ? $x + $radius : $right;
            $top = $y - $radius < $top ? $y - $radius : $top;
            $bottom = $y + $radius > $bottom ? $y + $radius : $bottom;
            $deep += $depth;
        }

        return $this->sampled = [$samples, [$left, $right, $top, $bottom], $deep];
    }

    /** The outline of this part on the page. */
    public function outline(Camera $camera): Outline
    {
        $page = $this->page($camera);
        if ($this->outline === null) {
            $this->outline = new Outline();
            $scale = $camera->scale();
            foreach ($this->areas as $area) {
                $this->outline->area(array_map(static fn (int $ball): array => $page[$ball], $area));
            }
            foreach ($this->limbs as [$from, $to]) {
                $this->outline->limb($page[$from][0], $page[$from][1], $this->radii[$from] * $scale, $page[$to][0], $page[$to][1], $this->radii[$to] * $scale);
            }
        }

        return $this->outline;
    }
}
