<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Plan\ClassPlan;

/** A better plan, and what getting there is called. */
final readonly class Remedy
{
    public function __construct(public string $label, public ClassPlan $plan)
    {
    }
}
