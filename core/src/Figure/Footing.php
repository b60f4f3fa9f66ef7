<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Variation;

/** What feet stand on or legs lie on that is higher than the floor, in units of 1.65 cm: hip and knee close by as much as it lifts them. */
final readonly class Footing
{
    /** A book of 4 cm or a rolled towel; a soft ball under the arch, 3 cm; the seat of a chair under a heel that lies on it. */
    public const BOOK = 2.6;
    private const BALL = 1.8;
    private const CHAIR = 22.5;
    /** Degrees by which a hip may close for what lies under its foot; for a leg that is laid up no further than keeps the hip open: a low seat serves as well. */
    private const MOST = 60.0;
    private const LAID_UP = 5.0;

    /** Degrees of the knee under which a leg lies long. */
    private const LONG = 60.0;

    /**
     * @param float $height over where feet stand at rest
     * @param Side|null $leg the one that is carried; null for each that lies long
     * @param float $most degrees by which a hip closes for it at most
     */
    private function __construct(public float $height, private ?Side $leg, public float $most)
    {
    }

    /** @param Side $named the side that is named; null where feet stand where they always do */
    public static function of(Variation $variation, Side $named): ?self
    {
        return match ($variation->propAt) {
            PropPlace::UnderFoot => match ($variation->props) {
                // A cloth that lies flat lifts nothing.
                ['towel'] => null,
                ['block'] => new self(self::BOOK, $named, self::MOST),
                default => new self(self::BALL, $named, self::MOST),
            },
            PropPlace::UnderHeel => new self(self::BOOK, $named, self::MOST),
            PropPlace::UnderLeg => new self(self::CHAIR, null, self::LAID_UP),
            default => null,
        };
    }

    /** How much lower the floor is than where both feet stand: whoever has something under them sits as high as without it. */
    public static function lowersFloor(?PropPlace $at): float
    {
        return $at === PropPlace::UnderFeet ? self::BOOK : 0.0;
    }

    public function carries(Side $leg, Pose $pose): bool
    {
        return $this->leg === null ? $pose->at(JointAction::KneeFlexion, $leg) < self::LONG : $this->leg === $leg;
    }
}
