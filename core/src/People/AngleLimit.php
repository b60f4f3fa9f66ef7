<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\JointAction;

/** Joint actions held to so many degrees, or to a percentage of the normal range. */
final readonly class AngleLimit
{
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
}
