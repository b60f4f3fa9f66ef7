<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Words that make no sense to somebody on a base: no floor in bed, no wheels on a chair. */
final readonly class Misfits
{
    private const ON_BED = '/\b(floor|chair|shoes?|armrests?|footplates?|plates?|wheels?|sitting bones?|both feet flat|feet flat|hold(ing)? the seat|(on|of|under|beside|behind|press|off|press) the seat|seat (edge|sides)|stand(ing)? up)\b/i';
    private const MISFITS = [
        'chair' => '/\b(mattress|blanket|sheet|footplates?|plates|wheels?|brakes?|rims?|lying|in bed)\b/i',
        'wheelchair' => '/\b(mattress|blanket|sheet|in bed|lying|sides of the seat|seat (edge|sides)|chair legs?|behind the chair|stand up)\b/i',
        'bed' => self::ON_BED,
        'standing' => '/\b(mattress|blanket|pillows?|sheet|plates|wheels?|brakes?|in bed|lying|sitting bones?)\b/i',
    ];

    /** The first word that does not belong; null where all do. */
    public static function in(string $words, Base $base, Position $position = Position::Upright): ?string
    {
        $isFlat = $position === Position::BedFlat && preg_match('/\b(sit tall|sitting)\b/i', $words, $sitting) === 1;

        return $isFlat ? $sitting[0] : (preg_match(self::MISFITS[$base->value], $words, $found) === 1 ? $found[0] : null);
    }
}
