<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/** A comfortable range measured for one person: up to so many degrees, on one side or both. */
final readonly class OwnRange
{
    /** @throws InvalidPerson */
    public function __construct(public JointAction $action, public ?Side $side, public int $degrees)
    {
        if ($degrees < 0 || $degrees > 180) {
            throw InvalidPerson::rangeIs($degrees);
        }
    }
}
