<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Movement\Base;
use KindChair\Movement\BaseFacts;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Variation;

/**
 * What is looked at before a rung is done in a wheelchair or a bed: brake, plate, spokes, rail, line, skin. Worked out from the shape, so that
 * it is never forgotten and never asked for in vain. Source: wheelchair and bed practice as in the rules of fit.
 */
final readonly class LookFirst
{
    /** @return list<string> in a few words each; none on a chair, where the check before class is enough */
    public static function of(Variation $variation, Base $base): array
    {
        $shape = new BaseFacts($variation);

        return array_keys(array_filter(match ($base) {
            Base::Wheelchair => [
                'footplates swung away, brakes on' => $shape->bends,
                'feet safe on the plates' => !$shape->bends && ($shape->ankles || $shape->legs),
                'belt on, brakes on' => $shape->leans && !$shape->bends,
                'belt on' => $shape->leans && $shape->bends,
                'armrests locked' => $shape->presses,
                'fingers clear of the spokes' => $shape->wide,
                'strap ends clear of the wheels' => $shape->strap,
            ],
            Base::Bed => [
                'skin of the heels, a smooth cloth under them' => $shape->bends || $variation->body->has(BodyNote::HeelSlides),
                'blanket off the feet' => $shape->ankles,
                'slack in every line' => $shape->armsUp,
                'rail up on the side they go to' => $shape->sideways,
                'nothing sore or fixed under the hand on the belly' => $shape->onBelly,
                'skin under the strap' => $shape->strap,
            ],
            default => [],
        }));
    }

    /** The same as one sentence; nothing where there is nothing to look at. */
    public static function inWords(Variation $variation, Base $base): string
    {
        $all = self::of($variation, $base);

        return $all === [] ? '' : 'Look first: ' . implode('; ', $all) . '.';
    }
}
