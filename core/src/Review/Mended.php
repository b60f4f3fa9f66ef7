<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Plan\ClassPlan;

/** A class in which something was settled, with everything that this took. */
final readonly class Mended
{
    /** @param list<string> $steps what was done, in a few words each */
    public function __construct(public ClassPlan $plan, public Review $review, public array $steps)
    {
    }
}
