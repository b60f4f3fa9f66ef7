<?php

declare(strict_types=1);

namespace KindChair\Script;

use KindChair\Body\Side;
use KindChair\Movement\Movement;
use KindChair\Movement\SideUse;
use KindChair\Plan\Entry;
use KindChair\Timeline\TimedPass;

/** An entry's dose as a teacher would say it: "4 breaths each side", "3 times each way, left only". */
final readonly class DoseWords
{
    /** @param list<TimedPass> $passes */
    public static function of(Movement $movement, Entry $entry, array $passes): string
    {
        $words = [$entry->dose->inWords()];
        $laterality = $movement->laterality;
        if ($laterality->directions !== null) {
            $ways = array_unique(array_filter(array_map(static fn (TimedPass $pass): ?string => $pass->pass->direction, $passes)));
            $words[] = count($ways) === 1 ? array_values($ways)[0] . ' only' : 'each way';
        }
        if ($laterality->crossing !== null) {
            $words[] = 'each crossing';
        }
        $words[] = match ($laterality->sides) {
            SideUse::OneSided => self::sides($passes),
            SideUse::Alternating => 'side by side',
            SideUse::Together => 'together',
            SideUse::Midline => '',
        };

        return rtrim($words[0] . ' ' . implode(', ', array_filter(array_slice($words, 1))));
    }

    /** @param list<TimedPass> $passes */
    private static function sides(array $passes): string
    {
        $sides = array_map(static fn (TimedPass $pass): string => $pass->pass->side->value ?? '', $passes);
        $isLeft = in_array(Side::Left->value, $sides, true);
        $isRight = in_array(Side::Right->value, $sides, true);

        return match (true) {
            $isLeft && $isRight => 'each side',
            $isLeft => 'left only',
            default => 'right only',
        };
    }
}
