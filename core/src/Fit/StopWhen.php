<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Movement\BaseFacts;
use KindChair\Movement\MainBase;
use KindChair\Movement\Variation;

/**
 * What ends a rung for somebody in a wheelchair, in bed or standing, or whose limb a carer moves, beside the movement's own stop sign: what the seat,
 * the line, the skin and the breath tell there. Worked out from the shape. Source: wheelchair and bed practice as in the rules of fit; our own judgement.
 */
final readonly class StopWhen
{
    /** What a limb tells that somebody else moves. */
    private const CARER = 'the limb stiffens, jumps or hurts, or the face tells that it does';

    /** @return list<string> two at most, in a few words each, the most telling first; none on a chair, where the movement's own sign is enough */
    public static function of(Variation $variation, MainBase $base, bool $isMoved = false): array
    {
        $always = match ($base) {
            MainBase::Chair => [],
            MainBase::Wheelchair => ['they slide down in the seat'],
            MainBase::Standing => ['they hold their breath or grow pale'],
            MainBase::Bed => ['they slide down the bed, or the breath grows short'],
            MainBase::BedFlat => ['they cough, or the breath grows short lying flat'],
        };

        return array_slice([...self::ofShape($variation, $base, $isMoved), ...$always], 0, 2);
    }

    /** @return list<string> what only this shape asks to be watched */
    private static function ofShape(Variation $variation, MainBase $base, bool $isMoved): array
    {
        $shape = new BaseFacts($variation);
        $signs = match ($base) {
            MainBase::Chair => [],
            MainBase::Wheelchair => [
                'a leg jumps or cramps' => $shape->legs || $shape->ankles,
                'they slide forward or sink to one side' => $shape->leans,
                'the chair moves' => $shape->presses,
                'a shoulder pinches' => $shape->armsUp || $shape->wide,
            ],
            MainBase::Standing => [
                'a knee gives way, or a hand leaves the chair' => $shape->legs || $shape->ankles || $shape->leans,
            ],
            MainBase::Bed, MainBase::BedFlat => [
                'a calf aches or a heel burns' => $shape->legs || $shape->ankles,
                'a line pulls' => $shape->armsUp,
                'they slide towards the rail' => $shape->sideways && $base === MainBase::Bed,
                'the belly is tight or sore' => $shape->onBelly,
                'the room turns' => $shape->head,
            ],
        };

        return array_keys(array_filter([self::CARER => $isMoved, ...$signs]));
    }

    /** What to look at first and when to stop, in sentences; nothing where there is nothing of its own. */
    public static function withLookFirst(Variation $variation, MainBase $base): string
    {
        return trim(LookFirst::inWords($variation, $base->base()) . ' ' . self::sentence(self::of($variation, $base)));
    }

    /** The same while the class goes on: only what this shape asks for, the most telling sign. */
    public static function briefly(Variation $variation, MainBase $base, bool $isMoved = false): string
    {
        return trim(LookFirst::inWords($variation, $base->base()) . ' ' . self::sentence(array_slice(self::ofShape($variation, $base, $isMoved), 0, 1)));
    }

    /** @param list<string> $signs */
    private static function sentence(array $signs): string
    {
        return $signs === [] ? '' : 'Stop when ' . implode(', or when ', $signs) . '.';
    }
}
