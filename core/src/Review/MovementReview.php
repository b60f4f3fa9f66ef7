<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;
use KindChair\Breath\PatternBook;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Cue;
use KindChair\Movement\ImpliedTraits;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\People\PrecautionBook;
use KindChair\Plan\Settings;

/**
 * Holds a movement against what every movement of the library must be: something for every base, angles within
 * the normal range that rise along the ladder, traits that follow from them declared, cues that can be spoken
 * in their breath, breath that goes with the movement, and both ways where there are two.
 */
final readonly class MovementReview
{
    private const LONGEST_SHORT_CUE = 12;
    private const LONGEST_INTRODUCTION = 24;
    /** Share of the precautions that the gentlest variation may break. */
    private const MAY_BREAK = 0.1;
    /** Degrees of growth from which a direction of the breath is told. */
    private const TOLD_FROM = 10;
    private const OPENING = [
        JointAction::ShoulderFlexion, JointAction::ShoulderAbduction, JointAction::TrunkExtension,
        JointAction::ShoulderLift, JointAction::HipAbduction,
    ];
    private const FOLDING = [
        JointAction::TrunkFlexion, JointAction::HipHinge, JointAction::TrunkSide, JointAction::TrunkTurn,
        JointAction::NeckFlexion, JointAction::NeckSide, JointAction::ShoulderAcross,
    ];

    public function __construct(private RangeTable $ranges, private PatternBook $patterns, private PrecautionBook $precautions)
    {
    }

    /** @return list<MovementProblem> none when the movement is sound */
    public function of(Movement $movement): array
    {
        return [
            ...$this->bases($movement),
            ...$this->angles($movement),
            ...$this->traits($movement),
            ...$this->cues($movement),
            ...$this->breath($movement),
            ...$this->ways($movement),
            ...$this->gentlest($movement),
            ...$this->doses($movement),
        ];
    }

    /** @return list<MovementProblem> */
    private function bases(Movement $movement): array
    {
        $problems = [];
        if (count($movement->variations) < 2) {
            $problems[] = new MovementProblem('variations', 'A ladder needs a gentler and a fuller rung: please add one.');
        }
        foreach ([Base::Chair, Base::Wheelchair, Base::Bed] as $base) {
            $offers = array_filter($movement->variations, static fn (Variation $variation): bool => $variation->allows($base));
            if ($offers === []) {
                $problems[] = new MovementProblem('variations', "Nobody in a {$base->value} finds a version here: please let one rung serve them.");
            }
            foreach ($base === Base::Chair ? [] : $offers as $variation) {
                if (!isset($variation->forBase[$base->value])) {
                    $problems[] = new MovementProblem("variations/$variation->id", "Say what \"$variation->name\" is like in a {$base->value}.");
                }
            }
        }

        return $problems;
    }

    /** @return list<MovementProblem> */
    private function angles(Movement $movement): array
    {
        $problems = [];
        $reached = [];
        foreach ($movement->variations as $variation) {
            $furthest = [];
            foreach ($variation->angles as $step => $angles) {
                foreach ($angles->on(Side::Left) as $angle) {
                    $normal = $this->ranges->normal($angle->action)->to;
                    if ($angle->degrees > $normal) {
                        $what = ucfirst($angle->action->plainName());
                        $problems[] = new MovementProblem("variations/$variation->id/$step", "$what stops at {$normal}°; \"$variation->name\" asks for {$angle->degrees}°.");
                    }
                    $rest = in_array($angle->action, [JointAction::KneeFlexion, JointAction::HipFlexion], true) ? 90 : 0;
                    $furthest[$angle->key] = max($furthest[$angle->key] ?? 0, abs($angle->degrees - $rest));
                }
            }
            if (!$variation->allows(Base::Chair) || $movement->mainRegion() === null) {
                continue;
            }
            foreach ($furthest as $key => $degrees) {
                // Arms may change their way from rung to rung; head, trunk and legs only go further.
                if (!in_array(strtok($key, '-'), ['elbow', 'shoulder', 'forearm'], true) && $degrees < ($reached[$key] ?? 0)) {
                    $what = JointAction::from((string) strtok($key, ':'))->plainName();
                    $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->name\" goes less far ($what) than a gentler rung.");
                }
                $reached[$key] = max($degrees, $reached[$key] ?? 0);
            }
        }

        return $problems;
    }

    /** @return list<MovementProblem> */
    private function traits(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            foreach (ImpliedTraits::of($variation->angles, $variation->position) as $trait) {
                if (!$variation->has($trait)) {
                    $problems[] = new MovementProblem("variations/$variation->id", "The angles of \"$variation->name\" mean: {$trait->plainName()}. Please confirm it.");
                }
            }
        }

        return $problems;
    }

    /** @return list<MovementProblem> */
    private function cues(Movement $movement): array
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
                $over = $settings->speaking(Cue::wordCount($first)) - $step->length($pattern, $full, $empty);
                if ($over > 0) {
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

    /** @return list<MovementProblem> */
    private function breath(Movement $movement): array
    {
        if ($movement->breathReason !== null) {
            return [];
        }
        $problems = [];
        $steps = $movement->steps;
        foreach ($steps as $at => $step) {
            $before = $steps[$at - 1] ?? $steps[count($steps) - 1];
            $against = match ($step->breath) {
                Breath::In => self::grows($before, $step, self::FOLDING),
                Breath::Out => self::grows($before, $step, self::OPENING),
                default => [],
            };
            // Pressing the hands away rounds the back, closing the arms brings them across: both go with the out-breath.
            $comesWithAFold = $step->breath === Breath::Out && self::grows($before, $step, self::FOLDING, 0) !== [];
            foreach ($comesWithAFold ? [] : $against as $action) {
                $problems[] = new MovementProblem(
                    "steps/$step->id",
                    ucfirst($action->plainName()) . ' usually goes with the other breath; say why it does not here.',
                );
            }
        }

        return $problems;
    }

    /**
     * @param list<JointAction> $actions
     * @return list<JointAction> those of them that grow by more than so many degrees
     */
    private static function grows(Step $before, Step $step, array $actions, int $moreThan = self::TOLD_FROM): array
    {
        $degrees = static fn (Angles $angles, JointAction $action): int => max([0, ...array_map(
            static fn ($angle): int => $angle->action === $action ? $angle->degrees : 0,
            $angles->on(Side::Left),
        )]);

        return array_values(array_filter(
            $actions,
            static fn (JointAction $action): bool => $degrees($step->angles, $action) - $degrees($before->angles, $action) > $moreThan,
        ));
    }

    /** @return list<MovementProblem> */
    private function ways(Movement $movement): array
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

    /** @return list<MovementProblem> */
    private function gentlest(Movement $movement): array
    {
        $gentlest = $movement->variations[0];
        $broken = [];
        foreach ($this->precautions->all() as $precaution) {
            if (array_filter($precaution->avoid, $gentlest->has(...)) !== []) {
                $broken[] = $precaution->name;
            }
        }

        return count($broken) <= self::MAY_BREAK * count($this->precautions->all()) ? [] : [new MovementProblem(
            "variations/$gentlest->id",
            'The gentlest rung should suit nearly everyone; it does not suit: ' . implode(', ', $broken) . '.',
        )];
    }

    /** @return list<MovementProblem> */
    private function doses(Movement $movement): array
    {
        $doses = $movement->doses;
        $sound = $doses->usual->unit === $doses->least->unit && $doses->usual->unit === $doses->most->unit
            && $doses->least->amount <= $doses->usual->amount && $doses->usual->amount <= $doses->most->amount;

        return $sound ? [] : [new MovementProblem('doses', 'The usual dose lies between the least and the most, all counted in the same way.')];
    }
}
