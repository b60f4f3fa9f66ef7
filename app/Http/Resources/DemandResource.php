<?php

declare(strict_types=1);

namespace App\Http\Resources;

use KindChair\Demand\Ask;
use KindChair\Demand\Unit;
use KindChair\Format\Craft;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\People\Precaution;

/** What a rung asks of a body, and whom that concerns (schema/answer-movement.schema.json, ask). */
final readonly class DemandResource
{
    /** @return list<array{demand: string, name: string, measure: string, notFor: list<string>}> */
    public static function of(Craft $craft, Movement $movement, Variation $variation): array
    {
        $largest = [];
        foreach ($craft->demands->of($movement, $variation, $variation->mainBase()) as $ask) {
            $known = $largest[$ask->demand->value] ?? null;
            if ($ask->demand->isFelt($ask->measure) && ($known === null || $ask->measure > $known->measure)) {
                $largest[$ask->demand->value] = $ask;
            }
        }
        $precautions = $craft->precautions->toNote();

        return array_values(array_map(static fn (Ask $ask): array => [
            'demand' => $ask->demand->value,
            'name' => $ask->demand->plainName(),
            'measure' => match ($ask->demand->unit()) {
                Unit::Degrees => $ask->measure . '°',
                Unit::Count => (string) $ask->measure,
                default => '',
            },
            'notFor' => array_values(array_map(
                static fn (Precaution $precaution): string => $precaution->name,
                array_filter($precautions, static fn (Precaution $precaution): bool => $precaution->refuses($ask)),
            )),
        ], $largest));
    }

    /** @return list<Precaution> those that a rung is not for */
    public static function excluded(Craft $craft, Movement $movement, Variation $variation): array
    {
        $asks = $craft->demands->of($movement, $variation, $variation->mainBase());

        return array_values(array_filter($craft->precautions->all(), static fn (Precaution $precaution): bool => array_filter($asks, $precaution->refuses(...)) !== []));
    }
}
