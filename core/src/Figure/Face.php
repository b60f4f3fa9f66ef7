<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\FaceForm;

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
    private const RAISED = 0.9;
    /** Corners of an eye or a mouth. */
    private const CORNERS = 16;
    /** Half the breadth and height of lips, and of what is open between them; how far their ends are drawn up. */
    private const LIPS = [1.5, 0.3, 0.0, 0.0, 0.25];
    private const MOUTHS = [
        FaceForm::JawLoose->value => [1.2, 0.75, 0.85, 0.42, 0.0],
        FaceForm::MouthOpen->value => [1.4, 1.35, 1.0, 0.95, 0.0],
        FaceForm::Smile->value => [2.3, 0.4, 0.0, 0.0, 0.8],
        FaceForm::LipsRound->value => [0.85, 0.8, 0.4, 0.38, 0.0],
        FaceForm::CheeksFull->value => [0.9, 0.4, 0.0, 0.0, 0.0],
    ];
    /** Where pupils go: to the side that is named, up. */
    private const LOOKS = [FaceForm::EyesUp->value => 0.26, FaceForm::EyesDown->value => -0.26, FaceForm::EyesNear->value => -0.16];
    private const ASIDE = 0.58;
    private const CLOSE = 0.5;
    private const CHEEKS = 1.9;
    private const TONGUE = 0.75;

    private function __construct(private Vector $at, private Vector $right, private Vector $up, private Vector $gaze, private Camera $camera)
    {
    }

    /**
     * @param Side $towards the side that is named
     * @param string $role that of the head
     * @return list<Shape> back to front
     */
    public static function shapes(Skeleton $body, Camera $camera, FaceForm $form, Side $towards, string $role): array
    {
        $face = new self($body->point('head'), ...[...$body->headAxes(), $camera]);

        return [...$face->cheeks($form, $role), ...$face->eyes($form, $towards), ...$face->mouth($form)];
    }

    /** @return list<Shape> full ones stand out of the head */
    private function cheeks(FaceForm $form, string $role): array
    {
        $size = $form === FaceForm::CheeksFull ? self::CHEEKS : 0.1;
        $cheeks = [];
        foreach ([-1, 1] as $sign) {
            [$x, $y] = $this->page($sign * self::CHEEK[0], self::CHEEK[1], self::CHEEK[2]);
            $cheeks[] = (new Outline())->circle($x, $y, $size * $this->camera->scale())->filled($role);
        }

        return $cheeks;
    }

    /** @return list<Shape> */
    private function eyes(FaceForm $form, Side $towards): array
    {
        $aside = ($towards === Side::Right ? self::ASIDE : -self::ASIDE) * match ($form) {
            FaceForm::EyesAside => 1,
            FaceForm::EyesOther => -1,
            default => 0,
        };
        $rise = self::LOOKS[$form->value] ?? 0.0;
        $raised = $form === FaceForm::BrowsUp ? self::RAISED : 0.0;
        $shapes = [];
        foreach ([-1, 1] as $sign) {
            [$x, $y, $z] = [$sign * self::EYE[0], self::EYE[1], self::EYE[2]];
            $inwards = $form === FaceForm::EyesNear ? -$sign * self::CLOSE : 0.0;
            $shapes[] = $this->oval($x, $y, $z, self::WHITE[0] + self::LID, self::WHITE[1] + self::LID)->filled('tint');
            $shapes[] = $this->oval($x, $y, $z, self::WHITE[0], self::WHITE[1])->filled('eye');
            $shapes[] = $this->oval($x + $aside + $inwards, $y + $rise * 0.9, $z, self::PUPIL, self::PUPIL)->filled('pupil');
            $brow = array_map(fn (array $point): array => $this->page($x + $sign * $point[0], $y + $point[1] + $raised, $z), self::BROW);
            $shapes[] = (new Outline())->curve($brow)->stroked('tint', self::BROW_WIDTH * $this->camera->scale());
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function mouth(FaceForm $form): array
    {
        [$broad, $high, $openBroad, $openHigh, $drawnUp] = self::MOUTHS[$form->value] ?? self::LIPS;
        [$x, $y, $z] = self::MOUTH;
        // A mouth opens downwards.
        $y -= 0.6 * max(0.0, $high - self::LIPS[1]);
        $tongue = $form === FaceForm::Tongue ? self::TONGUE : 0.05;

        return [
            $this->oval($x + 1.1, $y + 0.7, $z, $tongue, $tongue)->filled('nose'),
            $this->oval($x, $y, $z, $broad, $high, $drawnUp)->filled('tint'),
            $this->oval($x, $y, $z, $openBroad, $openHigh)->filled('pupil'),
        ];
    }

    /** @param float $drawnUp how much higher its ends are than its middle */
    private function oval(float $x, float $y, float $z, float $broad, float $high, float $drawnUp = 0.0): Outline
    {
        $points = [];
        for ($corner = 0; $corner < self::CORNERS; ++$corner) {
            [$cos, $sin] = [cos(2 * M_PI * $corner / self::CORNERS), sin(2 * M_PI * $corner / self::CORNERS)];
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
