<?php

declare(strict_types=1);

namespace KindChair\Figure;

/**
 * A part of the body as a camera sees it, worked out when it is asked for. Balls are told as four numbers each, one after the other: place
 * on the page, depth, radius on the page.
 */
final class Seen
{
    /** @var list<float> */
    private readonly array $balls;
    private ?Outline $outline = null;
    /** @var array{list<float>, array{float, float, float, float}, float}|null */
    private ?array $compared = null;
    /** @var array{self, array{list<float>, array{float, float, float, float}, float}}|null the last that it was joined to, and both */
    private ?array $joined = null;

    /**
     * @param list<Vector> $balls
     * @param list<float> $radii
     * @param list<array{int, int}> $limbs
     * @param list<list<int>> $areas
     */
    public function __construct(Camera $camera, array $balls, array $radii, private readonly array $limbs, private readonly array $areas)
    {
        $this->balls = $camera->seen($balls, $radii);
    }

    /**
     * What of it is compared with others, to tell which lies before which.
     *
     * @param list<int>|null $some the balls that are compared; null for all
     * @param bool $between whether half way between those that are joined is compared too
     * @return array{list<float>, array{float, float, float, float}, float} balls; left, right, top and bottom of what they cover; the
     * sum of their depths
     */
    public function compared(?array $some, bool $between): array
    {
        if ($this->compared !== null) {
            return $this->compared;
        }
        $balls = $this->balls;
        if ($some !== null) {
            $balls = [];
            foreach ($some as $i) {
                array_push($balls, $this->balls[4 * $i], $this->balls[4 * $i + 1], $this->balls[4 * $i + 2], $this->balls[4 * $i + 3]);
            }
        }
        foreach ($between ? $this->limbs : [] as [$from, $to]) {
            for ($i = 0; $i < 4; ++$i) {
                $balls[] = ($this->balls[4 * $from + $i] + $this->balls[4 * $to + $i]) / 2;
            }
        }
        $left = INF;
        $right = -INF;
        $top = INF;
        $bottom = -INF;
        $deep = 0.0;
        for ($i = 0, $n = count($balls); $i < $n; $i += 4) {
            $x = $balls[$i];
            $y = $balls[$i + 1];
            $radius = $balls[$i + 3];
            $left = $x - $radius < $left ? $x - $radius : $left;
            $right = $x + $radius > $right ? $x + $radius : $right;
            $top = $y - $radius < $top ? $y - $radius : $top;
            $bottom = $y + $radius > $bottom ? $y + $radius : $bottom;
            $deep += $balls[$i + 2];
        }

        return $this->compared = [$balls, [$left, $right, $top, $bottom], $deep];
    }

    /**
     * The same of two that are drawn as one.
     *
     * @param array{list<int>|null, bool} $own
     * @param array{list<int>|null, bool} $others
     * @return array{list<float>, array{float, float, float, float}, float}
     */
    public function comparedWith(self $other, array $own, array $others): array
    {
        if ($this->joined === null || $this->joined[0] !== $other) {
            [$balls, $box, $deep] = $this->compared(...$own);
            [$more, $around, $deeper] = $other->compared(...$others);
            $this->joined = [$other, [[...$balls, ...$more], [min($box[0], $around[0]), max($box[1], $around[1]), min($box[2], $around[2]), max($box[3], $around[3])], $deep + $deeper]];
        }

        return $this->joined[1];
    }

    /** Its outline on the page. */
    public function outline(): Outline
    {
        if ($this->outline === null) {
            $this->outline = new Outline();
            foreach ($this->areas as $area) {
                $this->outline->area(array_map(fn (int $ball): array => [$this->balls[4 * $ball], $this->balls[4 * $ball + 1]], $area));
            }
            $this->outline->limbs($this->balls, $this->limbs);
        }

        return $this->outline;
    }
}
