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
            $this->outline = null;
            $this->page = $camera->pages($this->balls);
        }

        return $this->page;
    }

    /** The outline on the page of this part, added to one that is being drawn. */
    public function outlined(Outline $outline, Camera $camera): Outline
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

        return $outline->with($this->outline);
    }
}
