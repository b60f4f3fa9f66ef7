<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Demand\DemandBook;
use KindChair\Movement\Movement;
use KindChair\People\PrecautionBook;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** The gentlest rung suits nearly everyone. */
final readonly class GentlestSuitsMost implements MovementRule
{
    /** Share of the precautions that the gentlest variation may break. */
    private const MAY_BREAK = 0.1;

    public function __construct(private PrecautionBook $precautions, private DemandBook $demands)
    {
    }

    public function check(Movement $movement): array
    {
        $gentlest = $movement->variations[0];
        $asks = $this->demands->of($movement, $gentlest, $gentlest->mainBase());
        $broken = [];
        foreach ($this->precautions->all() as $precaution) {
            if (array_filter($asks, $precaution->refuses(...)) !== []) {
                $broken[] = $precaution->name;
            }
        }

        return count($broken) <= self::MAY_BREAK * count($this->precautions->all()) ? [] : [new MovementProblem(
            "variations/$gentlest->id",
            'The gentlest rung should suit nearly everyone; it does not suit: ' . implode(', ', $broken) . '.',
        )];
    }
}
