<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Misfits;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;
use KindChair\Review\Words\Claims;
use KindChair\Review\Words\Said;

/** What is said about a rung is what it shows: breath, limb, side, direction, contact and prop of each step, on each base it is for. */
final readonly class WordsMatchShape implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            foreach ($variation->bases as $base) {
                $spoken = $variation->spokenOn($base);
                foreach ($this->said($movement, $spoken, $base) as $said) {
                    foreach ($this->wrong($said) as $wrong) {
                        $problems["$variation->id/{$said->step->id} $said->words $wrong"] = new MovementProblem("variations/$variation->id/{$said->step->id}", "\"$said->words\": $wrong.");
                    }
                }
                $misfit = Misfits::in($spoken->introduction, $base, $variation->position);
                if ($misfit !== null) {
                    $problems["$variation->id $base->value introduction"] = new MovementProblem("variations/$variation->id", "\"$spoken->introduction\" speaks of \"$misfit\", and is said to a $base->value.");
                }
            }
        }

        return array_values($problems);
    }

    /** @return list<string> what its words say that is not so */
    private function wrong(Said $said): array
    {
        $wrong = [];
        foreach (Claims::all() as $claim) {
            if ($claim->isBrokenBy($said)) {
                $wrong[] = $claim->else;
            }
        }
        if (preg_match('/\b(in|out|up|down|back|round|over)\b \1(wards?)?\b|\b(out) (outwards|inwards)\b/i', $said->words) === 1) {
            $wrong[] = 'one way is said twice';
        }
        $misfit = Misfits::in($said->words, $said->base, $said->variation->position);

        return $misfit === null ? $wrong : [...$wrong, "\"$misfit\" is not for a {$said->base->value}"];
    }

    /** @return iterable<Said> each cue in full and short, with the first side and each direction named */
    private function said(Movement $movement, Variation $variation, Base $base): iterable
    {
        foreach ($movement->steps as $at => $step) {
            foreach ($movement->laterality->directions ?? [null] as $direction) {
                foreach ([true, false] as $isFull) {
                    $words = $variation->cues[$step->id]->say($isFull, Side::Left, $direction, Side::Left);
                    yield new Said($words, $movement, $variation, $base, $step, $variation->angles[$step->id], $variation->angles[self::before($movement, $at)->id]);
                }
            }
        }
    }

    /** The step that is done before one: in a cycle the last one of it comes before the first. */
    private static function before(Movement $movement, int $at): Step
    {
        $step = $movement->steps[$at];
        $cycle = $movement->cycle();

        return match (true) {
            $at > 0 && $movement->steps[$at - 1]->phase === $step->phase => $movement->steps[$at - 1],
            $step->phase === Phase::Cycle && $movement->phase(Phase::Enter) === [] => $cycle[count($cycle) - 1],
            $at > 0 => $movement->steps[$at - 1],
            default => $movement->steps[count($movement->steps) - 1],
        };
    }
}
