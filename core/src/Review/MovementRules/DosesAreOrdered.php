<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** The usual dose lies between the least and the most, counted in one way. */
final readonly class DosesAreOrdered implements MovementRule
{
    public function check(Movement $movement): array
    {
        $doses = $movement->doses;
        $sound = $doses->usual->unit === $doses->least->unit && $doses->usual->unit === $doses->most->unit
            && $doses->least->amount <= $doses->usual->amount && $doses->usual->amount <= $doses->most->amount;

        return $sound ? [] : [new MovementProblem('doses', 'The usual dose lies between the least and the most, all counted in the same way.')];
    }
}
