<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Movement\Dose;

/** A dose for some passes of an entry that differs from the entry's own; null leaves them out. */
final readonly class PassDose
{
    public function __construct(public Selector $passes, public ?Dose $dose)
    {
    }
}
