<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** An introduction can be heard without the name of its movement: it names the part of the body, or the thing, that it is about. */
final readonly class NamesWhatMoves implements MovementRule
{
    private const NAMED = '/\b(heads?|chin|nose|ears?|eyes?|neck|jaw|teeth|lips|cheeks?|tongue|face|brows|shoulders?|arms?|elbows?|forearms?|hands?|palms?|fingers?|fingertips?|thumbs?|wrists?|fists?|chest|breastbone|ribs|spine|back|belly|waist|pelvis|hips?|buttocks|legs?|thighs?|knees?|feet|foot|heels?|toes?|ankles?|shins?|soles?|blades?|crown|body|breath|breaths|breathe|sighs?|hum|words?|picture|thing|cup|water|straps?|cushion|light|lean|fold|twist|turn|circles?|stand|bow|weight|tune|barrel|cactus|backrest|sit)\b/i';

    public function check(Movement $movement): array
    {
        $problems = [];
        foreach ($movement->variations as $variation) {
            foreach ($variation->bases as $base) {
                $introduction = $variation->spokenOn($base)->introduction;
                if (preg_match(self::NAMED, $introduction) !== 1) {
                    $problems[$introduction] = new MovementProblem("variations/$variation->id", "\"$introduction\" does not say what moves" . ($base === Base::Chair ? '.' : " on a $base->value."));
                }
            }
        }

        return array_values($problems);
    }
}
