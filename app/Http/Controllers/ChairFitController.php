<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MeasureFit;
use Illuminate\Http\JsonResponse;
use KindChair\Figure\Shape;

/** How one chair fits one person, with the blocks and books of the place. */
final class ChairFitController
{
    public function __invoke(MeasureFit $request): JsonResponse
    {
        $fit = $request->seating();
        $figure = $request->figure($fit);

        return response()->json([
            'underFeet' => $fit->underFeet,
            'raiseFeet' => $fit->raiseFeet,
            'raiseSeat' => $fit->raiseSeat,
            'cushionBehind' => $fit->cushionBehind,
            'armrestOff' => $fit->armrestOff,
            'stack' => $fit->stack === null ? null : ['height' => $fit->stack->height, 'pieces' => (object) $fit->stack->pieces],
            'strap' => $fit->strapFrom === null ? null : [$fit->strapFrom, $fit->strapTo],
            'advice' => $fit->advice(),
            'hips' => $fit->hipsAreHighEnough(),
            'feet' => $fit->feetAreFlat(),
            'figure' => ['shapes' => array_map(static fn (Shape $shape): array => $shape->toArray(), $figure->shapes), 'hips' => round($figure->hips), 'floor' => round($figure->floor)],
        ]);
    }
}
