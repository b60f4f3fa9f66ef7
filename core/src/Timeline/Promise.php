<?php

declare(strict_types=1);

namespace KindChair\Timeline;

use KindChair\Body\Side;
use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Laterality;
use KindChair\Movement\SideUse;

/** How much there will be, said before it begins: "Five breaths each side, the left first." */
final readonly class Promise
{
    private const NUMBERS = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'];

    /** @param bool $namesFirst whether the first side has still to be named */
    public static function of(Laterality $laterality, Dose $dose, Side $first, bool $namesFirst = true): string
    {
        $ways = match (true) {
            $laterality->sides === SideUse::OneSided && $laterality->directions !== null => ' each side and each way',
            $laterality->isSided() => ' each side',
            $laterality->directions !== null => ' each way',
            $laterality->crossing !== null => ' with each on top',
            default => '',
        };
        $then = $namesFirst && $laterality->sides === SideUse::OneSided ? ", the $first->value first" : '';

        return ucfirst(self::amount($dose)) . "$ways$then.";
    }

    private static function amount(Dose $dose): string
    {
        if ($dose->isOpen) {
            return 'as long as you like';
        }
        if ($dose->unit === DoseUnit::Seconds) {
            return 'about ' . self::number(max(5, 5 * (int) round($dose->amount / 5))) . ' seconds';
        }
        $amount = $dose->from === null || $dose->to === null ? self::number((int) $dose->amount) : self::number((int) $dose->from) . ' to ' . self::number((int) $dose->to);

        return match (true) {
            $dose->unit === DoseUnit::Breaths => $amount . ($dose->amount == 1 ? ' breath' : ' breaths'),
            $dose->amount == 1 && $dose->from === null => 'once',
            $dose->amount == 2 && $dose->from === null => 'twice',
            default => "$amount times",
        };
    }

    private static function number(int $number): string
    {
        return self::NUMBERS[$number] ?? (string) $number;
    }
}
