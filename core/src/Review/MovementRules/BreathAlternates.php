<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Breath\PatternBook;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Step;
use KindChair\Plan\Settings;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;
use KindChair\Timeline\Pass;
use KindChair\Timeline\PassLayout;
use KindChair\Timeline\PassPlan;
use KindChair\Timeline\PassWords;
use KindChair\Timeline\Tape;
use KindChair\Timeline\Voice;

/**
 * No two in-breaths and no two out-breaths follow each other in a pass, unless a pause or a free step lies between: what would, has to wait,
 * and a wait is a sign that a step is missing.
 */
final readonly class BreathAlternates implements MovementRule
{
    public function __construct(private PatternBook $patterns)
    {
    }

    public function check(Movement $movement): array
    {
        $pattern = $this->patterns->get('even');
        $tape = new Tape('', '', 0);
        $pass = new Pass(Side::Left, false, $movement->laterality->directions[0] ?? null, null, new Dose(DoseUnit::Repetitions, 2));
        $plan = PassPlan::of($movement, $pass, $pattern, null, true);
        $words = new PassWords(new Voice(new Settings()), $movement, $movement->variations[0], MainBase::of($movement->variations[0]->mainBase()), $pass, $plan, '', false, true);
        (new PassLayout($tape, $movement, $pattern))->lay($pass, $plan, Side::Left, $words);
        $problems = [];
        foreach ($tape->since(0) as $beat) {
            $step = array_values(array_filter($movement->steps, static fn (Step $step): bool => $step->id === $beat->stepId))[0];
            if ($beat->breath !== $step->breath && $movement->tempo === null) {
                $problems["steps/$step->id"] = new MovementProblem("steps/$step->id", "Two {$step->breath->value}-breaths follow each other here. Put a step with the other breath between them.");
            }
        }

        return array_values($problems);
    }
}
