<?php

declare(strict_types=1);

namespace App\Http\Resources;

use KindChair\Figure\FigureKey;
use KindChair\Fit\MovementFacts;
use KindChair\Format\DoseForm;
use KindChair\Movement\Dose;

/** A movement in a list (schema/answer-movements.schema.json, card). */
final readonly class MovementCardResource
{
    /**
     * @param array{fully: int, adapted: int, rests: int, none: int}|null $counts who of a group could do it
     * @return array<string, mixed>
     */
    public static function of(MovementFacts $facts, ?array $counts): array
    {
        return [
            'id' => $facts->id,
            'names' => $facts->names,
            'aim' => $facts->aim,
            'zone' => $facts->zone,
            'sides' => $facts->sides,
            'usual' => $facts->usual,
            'dose' => self::dose($facts->dose),
            'seconds' => $facts->length / 10,
            'isOwn' => str_contains($facts->id, '@'),
            'figure' => (string) FigureKey::of($facts->id, $facts->usual, $facts->shownOn),
            'counts' => $counts,
        ];
    }

    /** @return array<string, mixed> */
    public static function dose(Dose $dose): array
    {
        return DoseForm::write($dose);
    }
}
