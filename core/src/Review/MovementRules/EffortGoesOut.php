<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Angles;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Step;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** In strength work the effort goes with the out-breath, so that nobody holds it; or the movement says why not. */
final readonly class EffortGoesOut implements MovementRule
{
    public function check(Movement $movement): array
    {
        if ($movement->kind !== MovementKind::Strength || $movement->tempo !== null || $movement->breathReason !== null) {
            return [];
        }
        $effort = array_map(static fn (Step $step): int => self::raised($step->angles), $movement->cycle());
        arsort($effort);
        $hardest = $movement->cycle()[(int) array_key_first($effort)] ?? null;

        return $hardest?->breath === Breath::In && count(array_unique($effort)) > 1
            ? [new MovementProblem("steps/$hardest->id", 'The effort comes with the in-breath here; put it on the out-breath, or say why it does not go there.')]
            : [];
    }

    /** How far limbs are from where they rest, in degrees altogether. */
    private static function raised(Angles $angles): int
    {
        $sum = 0;
        foreach ($angles->on(Side::Left) as $angle) {
            $sum += $angle->limb === null ? 0 : abs($angle->degrees - $angle->action->atRest());
        }

        return $sum;
    }
}
