<?php

declare(strict_types=1);

namespace App\Http\Resources;

use KindChair\Figure\FigureKey;
use KindChair\Fit\MovementFacts;
use KindChair\Format\DoseForm;
use KindChair\Movement\Dose;
use KindChair\Movement\Naming;

/** A movement in a list (schema/answer-movements.schema.json, card). */
final readonly class MovementCardResource
{
    /**
     * @param array{fully: int, adapted: int, rests: int, none: int}|null $counts who of a group could do it
     * @param Dose|null $dose where a class doses it in its own way
     * @return array<string, mixed>
     */
    public static function of(MovementFacts $facts, ?array $counts, Naming $naming = Naming::Plain, ?Dose $dose = null): array
    {
        return [
            'id' => $facts->id,
            'name' => $naming->of($facts->names),
            'names' => $facts->names,
            'aim' => $facts->aim,
            'zone' => $facts->zone,
            'sides' => $facts->sides,
            'usual' => $facts->usual,
            'dose' => self::dose($dose ?? $facts->dose),
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
