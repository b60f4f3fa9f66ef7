<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Variation;

/** What feet stand on or legs lie on that is higher than the floor, in units of 1.65 cm: hip and knee close by as much as it lifts them. */
final readonly class Footing
{
    /** A book of 4 cm or a rolled towel; a soft ball under the arch, 3 cm; the seat of a chair under a heel that lies on it. */
    public const BOOK = 2.6;
    private const BALL = 1.8;
    private const CHAIR = 22.5;
    /** Where the leg that works stands or lies on something. */
    private const UNDER = [PropPlace::UnderFoot, PropPlace::UnderHeel, PropPlace::UnderLeg];
    /** Degrees by which a hip may close for what lies under its foot; for a leg that is laid up no further than keeps the hip open: a low seat serves as well. */
    private const MOST = 60.0;
    private const LAID_UP = 5.0;
    /** Degrees of the knee under which a leg lies long. */
    private const LONG = 60.0;

    /**
     * @param float $height over where feet stand at rest
     * @param Side|null $leg the one that is carried; null for each that lies long
     * @param float $most degrees by which a hip closes for it at most
     * @param bool $always whether the foot stays on it in every step, because nothing tells its leg to come and go
     */
    private function __construct(public float $height, private ?Side $leg, public float $most, private bool $always = false)
    {
    }

    /** @param Side $named the side that is named; null where feet stand where they always do */
    public static function of(Variation $variation, Side $named): ?self
    {
        if (!self::isUnderLeg($variation->propAt)) {
            return null;
        }
        $always = array_filter($variation->angles, static fn (Angles $angles): bool => self::tells($angles)) === [];

        return match ($variation->propAt) {
            PropPlace::UnderFoot => match ($variation->props) {
                // A cloth that lies flat lifts nothing.
                ['towel'] => null,
                ['block'] => new self(self::BOOK, $named, self::MOST, $always),
                default => new self(self::BALL, $named, self::MOST, $always),
            },
            PropPlace::UnderHeel => new self(self::BOOK, $named, self::MOST, $always),
            default => new self(self::CHAIR, null, self::LAID_UP),
        };
    }

    /** Whether the leg that works stands or lies on it, and hides a part of it that hides the other leg. */
    public static function isUnderLeg(?PropPlace $at): bool
    {
        return in_array($at, self::UNDER, true);
    }

    /** It in a step with these angles; null where the foot is on the floor, from which it comes and to which it goes back. */
    public function during(Angles $angles, Side $named): ?self
    {
        return $this->always || $this->leg === null || $this->leg === $named && self::tells($angles) ? $this : null;
    }

    /** Whether hip or knee of the leg that works are told to be elsewhere than at rest. */
    private static function tells(Angles $angles): bool
    {
        foreach ([AngleRole::Work, AngleRole::Both] as $role) {
            foreach ($angles->byRole[$role->value] ?? [] as $name => $degrees) {
                $action = JointAction::from($name);
                if (in_array($action->joint(), [Joint::Hip, Joint::Knee], true) && $degrees !== $action->atRest()) {
                    return true;
                }
            }
        }

        return false;
    }

    /** How much lower the floor is than where both feet stand: whoever has something under them sits as high as without it. */
    public static function lowersFloor(?PropPlace $at): float
    {
        return $at === PropPlace::UnderFeet ? self::BOOK : 0.0;
    }

    /** Whether the foot is just on it; a leg that is laid up may be lifted from there. */
    public function isStoodOn(): bool
    {
        return $this->leg !== null;
    }

    /** Degrees by which it closes the hip of who sits: a thigh of 40 cm comes up by its height. */
    public function closes(): float
    {
        return rad2deg(asin($this->height / Measures::THIGH));
    }

    public function carries(Side $leg, Pose $pose): bool
    {
        return $this->leg === null ? $pose->at(JointAction::KneeFlexion, $leg) < self::LONG : $this->leg === $leg;
    }
}
