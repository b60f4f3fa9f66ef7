<?php

declare(strict_types=1);

namespace KindChair\Review;

/** Something in a movement that is not yet true to the craft. */
final readonly class MovementProblem
{
    /**
     * @param string $place where: "steps/ID", "variations/ID", "names" and the like
     * @param string $says what is wrong and what to do
     */
    public function __construct(public string $place, public string $says)
    {
    }
}
