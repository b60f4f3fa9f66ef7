<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** A ladder has a gentler and a fuller rung, something for chair, wheelchair and bed, and words for each of them. */
final readonly class ServesEveryBase implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        if (count($movement->variations) < 2) {
            $problems[] = new MovementProblem('variations', 'A ladder needs a gentler and a fuller rung: please add one.');
        }
        foreach ([Base::Chair, Base::Wheelchair, Base::Bed] as $base) {
            $offers = array_filter($movement->variations, static fn (Variation $variation): bool => $variation->allows($base));
            if ($offers === []) {
                $problems[] = new MovementProblem('variations', "Nobody in a {$base->value} finds a version here: please let one rung serve them.");
            }
            foreach ($base === Base::Chair ? [] : $offers as $variation) {
                if ($variation->sayOn($base) === null) {
                    $problems[] = new MovementProblem("variations/$variation->id", "Say what \"$variation->name\" is like in a {$base->value}.");
                }
            }
        }

        return $problems;
    }
}
