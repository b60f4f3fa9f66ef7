<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;
use KindChair\Review\Words\LyingClaims;
use KindChair\Review\Words\Said;

/** What the line for who lies flat says is what is drawn of them. */
final readonly class LyingLinesAreShown implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $rung) {
            $shape = $rung->allows(Base::Bed) ? $rung->lying() : null;
            $line = $rung->sayOn(Base::Bed, true);
            foreach ($shape === null || $line === null ? [] : $this->wrong($movement, $shape, $line) as $wrong) {
                $problems[] = new MovementProblem("variations/$rung->id/bed-flat", "\"$line\": $wrong.");
            }
        }

        return $problems;
    }

    /** @return list<string> what the line says that is not drawn in any step */
    private function wrong(Movement $movement, Variation $shape, string $line): array
    {
        $said = new Said(Cue::fill($line, Side::Left), $movement, $shape, Base::Bed, $movement->steps[0], self::furthest($shape), new Angles([]));
        $wrong = [];
        foreach (LyingClaims::all() as $claim) {
            if ($claim->isBrokenBy($said)) {
                $wrong[] = $claim->else;
            }
        }

        return $wrong;
    }

    /** The most of each angle over all steps: a line is said once for all of them. */
    private static function furthest(Variation $shape): Angles
    {
        $furthest = [];
        foreach ($shape->angles as $step) {
            foreach ($step->byRole as $role => $actions) {
                foreach ($actions as $action => $degrees) {
                    $furthest[$role][$action] = max($degrees, $furthest[$role][$action] ?? 0);
                }
            }
        }

        return new Angles($furthest);
    }
}
