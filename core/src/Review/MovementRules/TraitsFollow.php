<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\ImpliedTraits;
use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** What follows from the angles and the position is named. */
final readonly class TraitsFollow implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            foreach (ImpliedTraits::of($variation->angles, $variation->position) as $trait) {
                if (!$variation->has($trait)) {
                    $problems[] = new MovementProblem("variations/$variation->id", "The angles of \"$variation->name\" mean: {$trait->plainName()}. Please confirm it.");
                }
            }
        }

        return $problems;
    }
}
