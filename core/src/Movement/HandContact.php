<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A hand on something, told from the side that is named. */
final readonly class HandContact
{
    /**
     * @param AngleRole $who Work, Other or Both
     * @param bool $bears whether weight goes through the wrist
     */
    public function __construct(public AngleRole $who, public HandPlace $on, public bool $bears = false)
    {
    }
}
