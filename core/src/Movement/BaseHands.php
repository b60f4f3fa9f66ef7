<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Where the hands and elbows of a rung lie on a base: where the line for it has them, such as on armrests. */
final readonly class BaseHands
{
    /** What the body of a rung does on a base; as everywhere else where the line for it says nothing of hands. */
    public static function use(Variation $variation, Base $base): BodyUse
    {
        [$hands, $elbows] = [self::told($variation, $base), self::elbows($variation, $base)];

        return $hands === [] && $elbows === [] ? $variation->body : $variation->body->with(new BodyUse($hands, elbows: $elbows));
    }

    /** @return list<HandContact> none where a thing is held or lain on in place of what the line has hands on */
    public static function told(Variation $variation, Base $base): array
    {
        $option = $variation->option;
        $isTaken = $option !== null && ($option->adds->hands !== [] || $option->letsGo || $option->at->takesHands());

        return $isTaken || $variation->position === Position::BedFlat ? [] : $variation->forBase[$base->value]->hands ?? [];
    }

    /** @return list<ElbowContact> none where they lie on a thing in place of what the line has them on */
    private static function elbows(Variation $variation, Base $base): array
    {
        $isTaken = ($variation->option->adds->elbows ?? []) !== [];

        return $isTaken ? [] : $variation->forBase[$variation->position === Position::BedFlat ? BaseWords::FLAT : $base->value]->elbows ?? [];
    }
}
