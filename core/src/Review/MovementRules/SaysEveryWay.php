<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Cue;
use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** Where there are two sides, two ways round or something on top, the words say which. */
final readonly class SaysEveryWay implements MovementRule
{
    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            $said = $variation->introduction . implode(' ', array_map(static fn (Cue $cue): string => "$cue->first $cue->short", $variation->cues));
            $sided = stripos($said, '{side}') !== false || stripos($said, '{other}') !== false;
            if ($movement->laterality->isSided() && !$sided) {
                $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->name\" never says which side: use {side}.");
            }
            $turned = $movement->laterality->directions === null || str_contains($said, '{direction}');
            $crossed = $movement->laterality->crossing === null || str_contains($said, '{top}') || str_contains($said, '{under}');
            if ($variation->id === $movement->usualVariation && !$turned) {
                $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->name\" never says which way round: use {direction}.");
            }
            if ($variation->id === $movement->variations[count($movement->variations) - 1]->id && !$crossed) {
                $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->name\" never says what is on top: use {top}.");
            }
        }

        return $problems;
    }
}
