<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Movement\Movement;

/** One thing that every movement of the library is held to. */
interface MovementRule
{
    /** @return list<MovementProblem> none when the movement keeps it */
    public function check(Movement $movement): array;
}
