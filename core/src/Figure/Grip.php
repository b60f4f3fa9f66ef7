<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Movement\FingerForm;

/** What a hand does: how far its fingers curl and spread, and where its palm faces. */
final readonly class Grip
{
    /** Degrees by which fingers bend that do nothing, lie on something, hold something, grip a strap. */
    private const EASY = 16.0;
    private const RESTING = 6.0;
    private const HOLDING = 46.0;
    private const FIST = 82.0;
    /** Degrees between two fingers that do nothing. */
    private const APART = 3.0;

    /**
     * @param float $curl degrees of the fingers' first joints
     * @param float $spread degrees between two neighbouring fingers
     * @param Vector|null $facing what the palm is turned to; null where the forearm alone decides
     * @param string|null $on the part of the body on which it lies, such as "thigh-left", and which it is drawn over
     * @param bool $isUnder whether it lies behind that part
     * @param Vector|null $along where its fingers point, one unit long; null where wrist and forearm tell it
     * @param FingerForm|null $form what single fingers do
     */
    private function __construct(public float $curl, public float $spread, public ?Vector $facing = null, public ?string $on = null, public bool $isUnder = false, public ?Vector $along = null, public ?FingerForm $form = null)
    {
    }

    /** A hand that touches nothing. */
    public static function free(float $curled, float $spread): self
    {
        return new self($curled > 0 ? $curled : ($spread > 0 ? 0.0 : self::EASY), $spread > 0 ? $spread / 2 : self::APART);
    }

    /** The same with single fingers doing something. */
    public function forming(?FingerForm $form): self
    {
        $curl = match ($form) {
            null => $this->curl,
            FingerForm::Touch => self::EASY,
            FingerForm::Point => max($this->curl, self::EASY),
            FingerForm::ThumbUp, FingerForm::ThumbIn, FingerForm::ThumbOut => self::FIST,
        };

        return $form === null ? $this : new self($curl, 0.0, $this->facing, $this->on, $this->isUnder, $this->along, $form);
    }

    public static function fist(): self
    {
        return new self(self::FIST, 0.0);
    }

    public static function resting(Vector $facing, ?string $on): self
    {
        return new self(self::RESTING, self::APART, $facing, $on);
    }

    /** Flat on the other hand, the fingers pointing some way. */
    public static function palmToPalm(Vector $facing, Vector $along): self
    {
        return new self(0.0, 0.0, $facing, null, false, $along);
    }

    public static function holding(Vector $facing, ?string $on, bool $isUnder = false): self
    {
        return new self(self::HOLDING, 0.0, $facing, $on, $isUnder);
    }
}
