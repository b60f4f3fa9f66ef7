<?php

declare(strict_types=1);

namespace KindChair\Body;

use InvalidArgumentException;

/** A range of a joint that no body has. */
final class InvalidRange extends InvalidArgumentException
{
    public static function runsFromTo(int $from, int $to): self
    {
        return new self("A joint range runs from 0 to 180 degrees, lower end first; got $from to $to.");
    }

    public static function isMissing(JointAction $action, AgeBand $band): self
    {
        return new self("The range table has no value for {$action->value} at {$band->value}.");
    }
}
