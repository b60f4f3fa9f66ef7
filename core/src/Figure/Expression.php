<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Side;
use KindChair\Movement\FaceForm;

/** How eyes and mouth are, in numbers, so that one face goes over into another. Lengths are units on the head. */
final readonly class Expression
{
    private const RAISED = 0.9;
    /** Half the breadth and height of lips, and of what is open between them; how far their ends are drawn up. */
    private const LIPS = [1.5, 0.3, 0.0, 0.0, 0.25];
    private const MOUTHS = [
        FaceForm::JawLoose->value => [1.2, 0.75, 0.85, 0.42, 0.0],
        FaceForm::MouthOpen->value => [1.4, 1.35, 1.0, 0.95, 0.0],
        FaceForm::Smile->value => [2.3, 0.4, 0.0, 0.0, 0.8],
        FaceForm::LipsRound->value => [0.85, 0.8, 0.4, 0.38, 0.0],
        FaceForm::CheeksFull->value => [0.9, 0.4, 0.0, 0.0, 0.0],
    ];
    private const LOOKS = [FaceForm::EyesUp->value => 0.23, FaceForm::EyesDown->value => -0.23, FaceForm::EyesNear->value => -0.14];
    private const ASIDE = 0.58;
    private const CLOSE = 0.5;
    private const CHEEKS = 1.9;
    private const TONGUE = 0.75;
    /** What is too small to be seen and still drawn, so that every face has the same lines. */
    private const HIDDEN_CHEEK = 0.1;
    private const HIDDEN_TONGUE = 0.05;

    /**
     * @param float $aside how far pupils go to the person's right
     * @param float $up how far up
     * @param float $inwards how far towards each other
     * @param float $brows how far brows are raised
     * @param list<float> $mouth half the breadth and height of lips, half the breadth and height of what is open between them, how far their ends are drawn up
     * @param float $cheek radius of a full cheek
     * @param float $tongue radius of what the tongue pushes out
     */
    private function __construct(
        public float $aside,
        public float $up,
        public float $inwards,
        public float $brows,
        public array $mouth,
        public float $cheek,
        public float $tongue,
    ) {
    }

    /** @param Side $towards the side that is named */
    public static function of(FaceForm $form, Side $towards): self
    {
        $aside = $towards === Side::Right ? self::ASIDE : -self::ASIDE;

        return new self(
            match ($form) {
                FaceForm::EyesAside => $aside,
                FaceForm::EyesOther => -$aside,
                default => 0.0,
            },
            self::LOOKS[$form->value] ?? 0.0,
            $form === FaceForm::EyesNear ? self::CLOSE : 0.0,
            $form === FaceForm::BrowsUp ? self::RAISED : 0.0,
            self::MOUTHS[$form->value] ?? self::LIPS,
            $form === FaceForm::CheeksFull ? self::CHEEKS : self::HIDDEN_CHEEK,
            $form === FaceForm::Tongue ? self::TONGUE : self::HIDDEN_TONGUE,
        );
    }

    /** The face part of the way to another: 0 is this one, 1 the other. */
    public function towards(self $other, float $share): self
    {
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * $share;

        return new self(
            $between($this->aside, $other->aside),
            $between($this->up, $other->up),
            $between($this->inwards, $other->inwards),
            $between($this->brows, $other->brows),
            array_map($between, $this->mouth, $other->mouth),
            $between($this->cheek, $other->cheek),
            $between($this->tongue, $other->tongue),
        );
    }

    /** How much higher the lips are than closed ones. */
    public function opens(): float
    {
        return max(0.0, $this->mouth[1] - self::LIPS[1]);
    }
}
