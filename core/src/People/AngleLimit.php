<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\JointAction;
use KindChair\Movement\JointAngle;

/** Joint actions held to so many degrees, or to a percentage of the normal range. */
final readonly class AngleLimit
{
    /** Degrees of hip and knee while somebody only sits. */
    private const SEATED = 90;

    /** @param non-empty-list<JointAction> $actions */
    public function __construct(
        public array $actions,
        public ?int $degrees,
        public ?int $percentOfNormal,
        public bool $affectedSideOnly,
    ) {
        if (($degrees === null) === ($percentOfNormal === null)) {
            throw InvalidPerson::limitNeedsDegreesOrPercent($degrees, $percentOfNormal);
        }
    }

    /** Whether an angle comes near enough to be reminded of: half the way, or past the seated right angle of hip and knee. */
    public function isNear(JointAngle $angle): bool
    {
        $isSeated = in_array($angle->action, [JointAction::HipFlexion, JointAction::KneeFlexion], true);

        return $isSeated
            ? $angle->degrees > self::SEATED
            : $angle->degrees > 0 && ($this->degrees === null || $angle->degrees * 2 >= $this->degrees);
    }
}
