<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Misfits;
use KindChair\Movement\Movement;
use KindChair\Movement\RefinementKind;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** Whoever repeats a movement hears something new: at least five refinements of five kinds on each rung and base, short, and true there. */
final readonly class RefinesEveryRung implements MovementRule
{
    private const LEAST = 5;
    /** Words that are said in one easy breath. Source: 120 words a minute, 7 to 8 s a held breath. */
    private const LONGEST = 14;
    private const ALWAYS = [RefinementKind::Alignment, RefinementKind::Feel, RefinementKind::Option, RefinementKind::Permission, RefinementKind::Notice];

    public function check(Movement $movement): array
    {
        $problems = [];
        $words = array_column($movement->refinements, 'words');
        foreach (array_diff_assoc($words, array_unique($words)) as $twice) {
            $problems[] = new MovementProblem('refinements', "\"$twice\" is there twice.");
        }
        foreach ($movement->refinements as $one) {
            if (Cue::wordCount($one->words) > self::LONGEST) {
                $problems[] = new MovementProblem('refinements', "\"$one->words\" has more than " . self::LONGEST . ' words.');
            }
            if (preg_match('/\b(left|right)\b/i', $one->words) === 1) {
                $problems[] = new MovementProblem('refinements', "\"$one->words\" names a side, or sounds like one: use {side}, or another word.");
            }
        }
        foreach ($movement->variations as $variation) {
            foreach ($variation->bases as $base) {
                $here = $movement->refinementsFor($variation, MainBase::of($base));
                $missing = array_filter(self::ALWAYS, static fn (RefinementKind $kind): bool => !in_array($kind, array_column($here, 'kind'), true));
                if (count($here) < self::LEAST || $missing !== []) {
                    $problems[] = new MovementProblem("variations/$variation->id", sprintf('"%s" on a %s has %d refinements, and lacks: %s.', $variation->name, $base->value, count($here), implode(', ', array_column($missing, 'value')) ?: 'nothing'));
                }
                foreach ($here as $one) {
                    // A picture may take people anywhere.
                    $misfit = $one->kind === RefinementKind::Picture ? null : Misfits::in($one->words, $base, $variation->position);
                    if ($misfit !== null) {
                        $problems["$base->value $one->words"] = new MovementProblem('refinements', "\"$one->words\" speaks of \"$misfit\", and is said to a $base->value.");
                    }
                }
            }
        }

        return array_values($problems);
    }
}
