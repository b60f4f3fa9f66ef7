<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** Eyes, brows and mouth: only in a closer look, where they are what moves. As many lines whatever they do, so that a motion sends numbers only. */
final readonly class Face
{
    /** Where they are on a head, in units: to the side, up and ahead of its middle. */
    private const EYE = [2.05, 0.5, 4.8];
    private const MOUTH = [0.0, -3.4, 5.0];
    private const CHEEK = [3.2, -2.6, 3.0];
    /** Half the breadth and height of an eye, and what is left round the white; the radius of a pupil. */
    private const WHITE = [1.08, 0.56];
    private const LID = 0.18;
    private const PUPIL = 0.48;
    /** A brow: to the side and up from the eye. */
    private const BROW = [[-0.95, 1.75], [0.25, 1.9], [1.4, 1.3]];
    private const BROW_WIDTH = 0.42;
    /** Corners of an eye or a mouth. */
    private const CORNERS = 16;
    private function __construct(private Vector $at, private Vector $right, private Vector $up, private Vector $gaze, private Camera $camera)
    {
    }

    /**
     * @param string $role that of the head
     * @return list<Shape> back to front
     */
    public static function shapes(Skeleton $body, Camera $camera, Expression $shown, string $role): array
    {
        $face = new self($body->point('head'), ...[...$body->headAxes(), $camera]);

        return [...$face->cheeks($shown->cheek, $role), ...$face->eyes($shown), ...$face->mouth($shown)];
    }

    /** @return list<Shape> full ones stand out of the head */
    private function cheeks(float $size, string $role): array
    {
        $cheeks = [];
        foreach ([-1, 1] as $sign) {
            [$x, $y] = $this->page($sign * self::CHEEK[0], self::CHEEK[1], self::CHEEK[2]);
            $cheeks[] = (new Outline())->circle($x, $y, $size * $this->camera->scale())->filled($role);
        }

        return $cheeks;
    }

    /** @return list<Shape> */
    private function eyes(Expression $shown): array
    {
        $shapes = [];
        foreach ([-1, 1] as $sign) {
            [$x, $y, $z] = [$sign * self::EYE[0], self::EYE[1], self::EYE[2]];
            $shapes[] = $this->oval($x, $y, $z, self::WHITE[0] + self::LID, self::WHITE[1] + self::LID)->filled('tint');
            $shapes[] = $this->oval($x, $y, $z, self::WHITE[0], self::WHITE[1])->filled('eye');
            $shapes[] = $this->oval($x + $shown->aside - $sign * $shown->inwards, $y + $shown->up, $z, self::PUPIL, self::PUPIL)->filled('pupil');
            $brow = array_map(fn (array $point): array => $this->page($x + $sign * $point[0], $y + $point[1] + $shown->brows, $z), self::BROW);
            $shapes[] = (new Outline())->curve($brow)->stroked('tint', self::BROW_WIDTH * $this->camera->scale());
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function mouth(Expression $shown): array
    {
        [$broad, $high, $openBroad, $openHigh, $drawnUp] = $shown->mouth;
        [$x, $y, $z] = self::MOUTH;
        // A mouth opens downwards.
        $y -= 0.6 * $shown->opens();

        return [
            $this->oval($x + 1.1, $y + 0.7, $z, $shown->tongue, $shown->tongue)->filled('nose'),
            $this->oval($x, $y, $z, $broad, $high, $drawnUp)->filled('tint'),
            $this->oval($x, $y, $z, $openBroad, $openHigh)->filled('pupil'),
        ];
    }

    /** @param float $drawnUp how much higher its ends are than its middle */
    private function oval(float $x, float $y, float $z, float $broad, float $high, float $drawnUp = 0.0): Outline
    {
        $points = [];
        for ($corner = 0; $corner < self::CORNERS; ++$corner) {
            $cos = cos(2 * M_PI * $corner / self::CORNERS);
            $sin = sin(2 * M_PI * $corner / self::CORNERS);
            $points[] = $this->page($x + $broad * $cos, $y + $high * $sin + $drawnUp * $cos * $cos, $z);
        }

        return (new Outline())->area($points);
    }

    /** @return array{float, float} */
    private function page(float $right, float $up, float $ahead): array
    {
        return $this->camera->page($this->at->plus($this->right, $right, $this->up, $up, $this->gaze, $ahead));
    }
}
