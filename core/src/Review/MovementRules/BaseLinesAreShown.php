<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\Movement;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;
use KindChair\Review\Words\Claim;
use KindChair\Review\Words\ElbowClaims;
use KindChair\Review\Words\LyingClaims;
use KindChair\Review\Words\MovingClaims;
use KindChair\Review\Words\Said;
use KindChair\Review\Words\SeatedClaims;

/** What introductions say of hands, and the lines for a base of all that moves, is what is drawn there. */
final readonly class BaseLinesAreShown implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $rung) {
            foreach ($rung->position === Position::BedFlat ? [] : $rung->bases as $base) {
                foreach (self::said($rung, $base) as $line) {
                    foreach (self::wrong($movement, $rung, $base, $line, [...SeatedClaims::all(), ...ElbowClaims::all()]) as $wrong) {
                        $problems[] = new MovementProblem("variations/$rung->id/$base->value", "\"$line\": $wrong.");
                    }
                }
                $clauses = $base === Base::Chair ? [] : (preg_split('/(?<=[.;,])\s+/', $rung->sayOn($base) ?? '') ?: []);
                foreach ($clauses as $clause) {
                    foreach (self::wrong($movement, $rung, $base, $clause, MovingClaims::all()) as $wrong) {
                        $problems[] = new MovementProblem("variations/$rung->id/$base->value", "\"$clause\": $wrong.");
                    }
                }
            }
            $shape = $rung->allows(Base::Bed) ? $rung->lying() : null;
            $line = $rung->sayOn(Base::Bed, true);
            foreach ($shape === null || $line === null ? [] : self::wrong($movement, $shape, Base::Bed, $line, [...LyingClaims::all(), ...ElbowClaims::all()]) as $wrong) {
                $problems[] = new MovementProblem("variations/$rung->id/bed-flat", "\"$line\": $wrong.");
            }
        }

        foreach ($movement->withProps->all() as $with) {
            $say = $with->option->say ?? '';
            foreach ($with->bases as $base) {
                foreach (self::wrong($movement, $with, $base, $say, ElbowClaims::all()) as $wrong) {
                    $problems[] = new MovementProblem("variations/$with->id/$base->value", "\"$say\": $wrong.");
                }
            }
        }

        return $problems;
    }

    /** @return list<string> what is said on a base before anything moves: the introduction, clause by clause, and the line of that base */
    private static function said(Variation $rung, Base $base): array
    {
        return [...preg_split('/(?<=[.;])\s+/', $rung->spokenOn($base)->introduction) ?: [], ...array_filter([$base === Base::Chair ? null : $rung->sayOn($base)])];
    }

    /**
     * @param list<Claim> $claims
     * @return list<string> what the line says that is not drawn in any step
     */
    private static function wrong(Movement $movement, Variation $shape, Base $base, string $line, array $claims): array
    {
        $said = new Said(Cue::fill($line, Side::Left), $movement, $shape, $base, $movement->steps[0], self::furthest($shape), new Angles([]));

        return array_values(array_map(static fn (Claim $claim): string => $claim->else, array_filter($claims, static fn (Claim $claim): bool => $claim->isBrokenBy($said))));
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
