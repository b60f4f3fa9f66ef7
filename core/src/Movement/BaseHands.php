<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Where the hands of a rung lie on a base: where the line for it has them, such as on armrests. */
final readonly class BaseHands
{
    /** What the body of a rung does on a base; as everywhere else where the line for it says nothing of hands. */
    public static function use(Variation $variation, Base $base): BodyUse
    {
        $hands = self::told($variation, $base);

        return $hands === [] ? $variation->body : $variation->body->with(new BodyUse($hands));
    }

    /** @return list<HandContact> none where a thing is held or lain on in place of what the line has hands on */
    public static function told(Variation $variation, Base $base): array
    {
        $option = $variation->option;
        $isTaken = $option !== null && ($option->adds->hands !== [] || $option->letsGo || $option->at->takesHands());

        return $isTaken || $variation->position === Position::BedFlat ? [] : $variation->forBase[$base->value]->hands ?? [];
    }
}
