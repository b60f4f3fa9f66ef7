<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Movement\MovementTrait;

/** A trait allowed for so many unbroken seconds. */
final readonly class TraitLimit
{
    public function __construct(public MovementTrait $trait, public int $seconds)
    {
    }
}
