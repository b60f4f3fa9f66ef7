<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Invitation;
use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** Every rung above the gentlest names another way before the shape is taken, so that nobody tries what they should not. */
final readonly class OffersAChoice implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach (array_slice($movement->variations, 1) as $variation) {
            if (!Invitation::leavesChoice($variation->introduction)) {
                $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->introduction\" only instructs: name what may be done instead.");
            }
        }

        return $problems;
    }
}
