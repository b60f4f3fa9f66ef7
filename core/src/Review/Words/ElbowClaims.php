<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandPlace as H;

/** What lines and prop options are held to: an elbow or forearm that is said to lie on something is carried there. Over something is above it, and lies nowhere; a table comes up to arms that are crossed. */
final readonly class ElbowClaims
{
    /** @return list<Claim> */
    public static function all(): array
    {
        return [
            self::lie('(the |its |their |both )?(left |right |other )?armrests?', 'no elbow lies on an armrest', [ElbowPlace::Armrest], [H::Armrest]),
            self::lie('(the )?(mattress|bed)', 'no elbow lies on the mattress', [ElbowPlace::Mattress], []),
            self::lie('(a |the |your )?(table|tray)( edge)?', 'no elbow lies on a table', [ElbowPlace::Table], [H::Table]),
            self::lie('(a |the |two )?cushions?', 'no elbow lies on a cushion', [ElbowPlace::Cushion], [H::Thigh, H::Armrest, H::Face]),
        ];
    }

    /**
     * @param list<ElbowPlace> $elbows
     * @param list<H> $hands whose forearms lie there with them
     */
    private static function lie(string $where, string $wrong, array $elbows, array $hands): Claim
    {
        return new Claim(
            "/(?<!crossed )\\b(elbows?|forearms?|upper arms?)( beside you| of [a-z ]+)?( lies?| lying| rests?| stays?| sinks?| press(es)?| slides?| falls?| swim| opens?| heavy)?( open| lightly| back| down| a little| wide)* (on|into|onto) $where\\b(?! (or|if)\\b)/i",
            static fn (Said $said): bool => $said->hasElbowOn($elbows) || $said->hasHandOn($hands),
            $wrong,
        );
    }
}
