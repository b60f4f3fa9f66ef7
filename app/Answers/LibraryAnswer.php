<?php

declare(strict_types=1);

namespace App\Answers;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Format\Craft;
use KindChair\Movement\Base;
use KindChair\Movement\Caution;
use KindChair\Movement\Movement;
use KindChair\Movement\Sides;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\People\Precaution;

/** The movements with their figures, and everything a teacher chooses from (schema/answer-library.schema.json). */
final readonly class LibraryAnswer
{
    public static function figureKey(string $movement, string $variation, string $base, string $side): string
    {
        return "$movement/$variation/$base/$side";
    }

    /** @return array<string, mixed> */
    public static function of(Craft $craft): array
    {
        $figures = [];
        foreach (Base::cases() as $base) {
            $figures["rest/$base->value"] = Figure::atRest($base)->toArray();
        }
        foreach ($craft->library->all() as $movement) {
            foreach ($movement->variations as $variation) {
                foreach ($variation->bases as $base) {
                    // A movement that names no side looks the same on both.
                    $sides = $movement->laterality->sides === Sides::OneSided ? Side::cases() : [Side::Left];
                    foreach ($sides as $side) {
                        $key = self::figureKey($movement->id, $variation->id, $base->value, $side->value);
                        $figures[$key] = Figure::of($movement, $variation, $base, $side)->toArray();
                    }
                }
            }
        }

        return [
            'movements' => array_map(self::movement(...), $craft->library->all()),
            'figures' => $figures,
            'patterns' => array_map(static fn ($pattern): array => [
                'id' => $pattern->id,
                'name' => $pattern->name,
                'cycle' => $pattern->cycle() / 10,
                'retains' => $pattern->retains(),
            ], $craft->patterns->all()),
            'precautions' => array_map(self::precaution(...), $craft->precautions->all()),
            'actions' => array_map(static fn (JointAction $action): array => self::action($action, $craft->ranges), JointAction::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private static function movement(Movement $movement): array
    {
        return [
            'id' => $movement->id,
            'names' => $movement->names,
            'zone' => $movement->mainRegion()?->zone()->value,
            'regions' => array_map(static fn ($region): string => $region->plainName(), $movement->regions),
            'kind' => $movement->kind,
            'aim' => $movement->aim,
            'sides' => $movement->laterality->sides->value,
            'directions' => $movement->laterality->directions,
            'crossing' => $movement->laterality->crossing,
            'facing' => $movement->facing,
            'usual' => $movement->usualVariation,
            'dose' => [$movement->doses->usual->unit->value => $movement->doses->usual->amount],
            'steps' => array_map(static fn (Step $step): array => [
                'phase' => $step->phase->value,
                'breath' => $step->breath->value,
                'cue' => $step->cue->say(true, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left),
            ], $movement->steps),
            'variations' => array_map(static fn (Variation $variation): array => [
                'id' => $variation->id,
                'name' => $variation->name,
                'level' => $variation->level,
                'bases' => array_map(static fn (Base $base): string => $base->value, $variation->bases),
                'forBase' => (object) $variation->forBase,
            ], $movement->variations),
            'cautions' => array_map(static fn (Caution $caution): array => [
                'words' => $caution->words,
                'stop' => $caution->stopSign,
                'source' => $caution->source,
            ], $movement->cautions),
        ];
    }

    /** @return array<string, mixed> */
    private static function precaution(Precaution $precaution): array
    {
        return [
            'code' => $precaution->code,
            'name' => $precaution->name,
            'hasSide' => $precaution->hasSide,
            'why' => $precaution->why,
            'instead' => $precaution->instead,
            'askClinician' => $precaution->askClinician,
            'source' => $precaution->source,
        ];
    }

    /** @return array<string, mixed> */
    private static function action(JointAction $action, RangeTable $ranges): array
    {
        return [
            'action' => $action->value,
            'name' => $action->plainName(),
            'hasSide' => $action->joint()->limb() !== null || $action->isDirectional(),
            'normal' => $ranges->normal($action)->to,
        ];
    }
}
