<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Demand\DemandBook;
use KindChair\Demand\PropChange;
use KindChair\Movement\ChangeOvers;
use KindChair\Movement\Cue;
use KindChair\Movement\Misfits;
use KindChair\Movement\Movement;
use KindChair\Movement\Prop;
use KindChair\Movement\PropOption;
use KindChair\Movement\PropUse;
use KindChair\Movement\Variation;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** Every movement knows a prop that helps, says what is done with it, and what eases or resists changes what is asked. */
final readonly class PropsServe implements MovementRule
{
    /** Words of one line. */
    private const MOST_WORDS = 20;

    /** Words by which one calls a prop in passing. */
    private const ALSO = [
        'cushion' => ['pillow', 'bolster'],
        'block' => ['book', 'rolled mat'],
        'weight' => ['bottle', 'bean bag', 'tin', 'book'],
        'towel' => ['cloth', 'flannel', 'scarf'],
        'blanket' => ['shawl'],
        'table' => ['table'],
        'rail' => ['rail'],
        'armrest' => ['armrest'],
        'second-chair' => ['second chair'],
    ];

    public function __construct(private ChangeOvers $changeOvers, private DemandBook $demands)
    {
    }

    public function check(Movement $movement): array
    {
        $knows = $movement->options !== [] || array_filter($movement->variations, static fn (Variation $rung): bool => $rung->props !== []) !== [];
        $problems = $knows ? [] : [new MovementProblem('withProps', 'No prop helps here; a cushion, a towel or a blanket nearly always does.')];
        $ids = [];
        foreach ($movement->options as $at => $option) {
            $place = "withProps/$at";
            $rungs = $movement->withProps->with($option);
            foreach ($this->problems($movement, $option, $rungs) as $problem) {
                $problems[] = new MovementProblem($place, $problem);
            }
            if (isset($ids[$option->id()])) {
                $problems[] = new MovementProblem($place, "The {$option->name()} is there twice.");
            }
            $ids[$option->id()] = true;
        }

        return $problems;
    }

    /**
     * @param list<Variation> $rungs
     * @return list<string>
     */
    private function problems(Movement $movement, PropOption $option, array $rungs): array
    {
        $prop = $this->changeOvers->prop($option->prop);
        if ($prop === null) {
            return ["There is no prop \"$option->prop\"."];
        }
        $problems = [];
        if (array_diff($option->rungs, array_column($movement->variations, 'id')) !== []) {
            $problems[] = 'It names a rung that is not there.';
        }
        if ($rungs === []) {
            $problems[] = 'No rung is done with it: it eases nothing, or none of its bases is allowed.';
        }
        if (!self::isNamed($prop, $option->say)) {
            $problems[] = "The line names neither the {$option->prop} nor what can stand in for it.";
        }
        if (Cue::wordCount($option->say) > self::MOST_WORDS) {
            $problems[] = 'The line is longer than a breath or two: at most ' . self::MOST_WORDS . ' words.';
        }
        foreach ($rungs as $rung) {
            foreach ($rung->bases as $base) {
                // The word for what is handed out is no word for what one lies under.
                $misfit = Misfits::in(str_ireplace($option->prop, '', $option->say), $base, $rung->position);
                if ($misfit !== null) {
                    $problems[] = "\"$misfit\" is not for a $base->value.";
                }
            }
            $mustChange = $option->does->eases() || $option->does === PropUse::Resist && $rung->body->effort === $movement->withoutProp($rung)->body->effort && $option->adds->effort === [];
            if ($mustChange && PropChange::of($movement, $rung, $this->demands) === [] && $rung->body == $movement->withoutProp($rung)->body) {
                $problems[] = "It changes nothing in $rung->id.";
            }
        }

        return array_values(array_unique($problems));
    }

    /** Whether a line says what is used: the prop or a stand-in, by the word that names it. */
    private static function isNamed(Prop $prop, string $say): bool
    {
        $words = [str_replace('-', ' ', $prop->id), ...self::ALSO[$prop->id] ?? [], ...$prop->standIns];
        foreach ($words as $word) {
            if (preg_match('/\b' . preg_quote($word, '/') . 's?\b/i', $say) === 1) {
                return true;
            }
        }

        return false;
    }
}
