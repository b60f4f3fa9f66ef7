<?php

declare(strict_types=1);

namespace KindChair\People;

use InvalidArgumentException;
use KindChair\Body\JointAction;
use KindChair\Body\Side;

/** A comfortable range measured for one person: up to so many degrees, on one side or both. */
final readonly class OwnRange
{
    public function __construct(public JointAction $action, public ?Side $side, public int $degrees)
    {
        if ($degrees < 0 || $degrees > 180) {
            throw new InvalidArgumentException("A range is 0 to 180 degrees; got $degrees.");
        }
    }
}
