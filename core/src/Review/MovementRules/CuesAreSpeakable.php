<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Breath\PatternBook;
use KindChair\Movement\Cue;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Phase;
use KindChair\Plan\Settings;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** What is said fits its breath, is short enough to hear, and leaves the side open. */
final readonly class CuesAreSpeakable implements MovementRule
{
    private const LONGEST_SHORT_CUE = 12;
    private const LONGEST_INTRODUCTION = 24;

    public function __construct(private PatternBook $patterns)
    {
    }

    public function check(Movement $movement): array
    {
        $problems = [];
        $settings = new Settings();
        $pattern = $this->patternOf($movement);
        $full = $movement->cuesPause(Breath::HoldFull);
        $empty = $movement->cuesPause(Breath::HoldEmpty);
        foreach ($movement->variations as $variation) {
            if ($variation->introductionWords() > self::LONGEST_INTRODUCTION) {
                $problems[] = new MovementProblem("variations/$variation->id", 'An introduction has at most ' . self::LONGEST_INTRODUCTION . ' words.');
            }
            foreach ($movement->steps as $step) {
                $cue = $variation->cues[$step->id];
                $place = "variations/$variation->id/$step->id";
                $first = $cue->say(true, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left);
                if (Cue::wordCount($cue->short) > self::LONGEST_SHORT_CUE) {
                    $problems[] = new MovementProblem($place, 'A short cue has at most ' . self::LONGEST_SHORT_CUE . " words: \"$cue->short\"");
                }
                // Over quick repetitions one speaks on; only what is led by the breath has to fit into it.
                $isFitted = $movement->tempo === null || $step->phase !== Phase::Cycle;
                $over = $settings->speaking(Cue::wordCount($first)) - $step->length($pattern, $full, $empty);
                if ($isFitted && $over > 0) {
                    $problems[] = new MovementProblem($place, sprintf('"%s" is %.1f seconds longer than its breath.', $first, $over / 10));
                }
                if (preg_match('/\b(left|right)\b/i', "$cue->first $cue->short $variation->introduction") === 1) {
                    $problems[] = new MovementProblem($place, 'Write {side} or {other} for left and right, so that both sides are said truly.');
                }
            }
        }

        return $problems;
    }

    /** The breath a movement is spoken in: even, unless its own steps ask for another. */
    private function patternOf(Movement $movement): BreathPattern
    {
        return $this->patterns->get(match (true) {
            $movement->cuesPause(Breath::HoldFull) => 'box',
            $movement->kind === MovementKind::Breath => 'longer-out-short',
            default => 'even',
        });
    }
}
