<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Library\EverydayWords;
use App\Planning\Starters;
use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Demand\Area;
use KindChair\Demand\Demand;
use KindChair\Format\Craft;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Prop;
use KindChair\People\Precaution;
use KindChair\Place\SeatKind;

/** Everything a teacher chooses from, but for the movements themselves (schema/answer-library.schema.json). */
final readonly class LibraryResource
{
    /** @return array<string, mixed> */
    public static function of(Craft $craft): array
    {
        return [
            'movements' => count($craft->library->ids()),
            'patterns' => array_map(static fn ($pattern): array => [
                'id' => $pattern->id,
                'name' => $pattern->name,
                'cycle' => $pattern->cycle() / 10,
                'retains' => $pattern->retains(),
            ], $craft->patterns->all()),
            'starters' => Starters::all(),
            'purposes' => array_map(static fn (array $purpose): array => ['id' => $purpose['id'], 'name' => $purpose['name']], EverydayWords::purposes()),
            'precautions' => array_map(self::precaution(...), $craft->precautions->toNote()),
            'actions' => array_map(static fn (JointAction $action): array => self::action($action, $craft->ranges), JointAction::cases()),
            'demands' => array_map(static fn (Area $area): array => [
                'area' => $area->plainName(),
                'demands' => array_map(
                    static fn (Demand $demand): array => ['demand' => $demand->value, 'name' => $demand->plainName()],
                    array_values(array_filter(Demand::cases(), static fn (Demand $demand): bool => $demand->area() === $area)),
                ),
            ], Area::cases()),
            'props' => array_map(static fn (Prop $prop): array => [
                'id' => $prop->id,
                'name' => $prop->name,
                'standIns' => $prop->standIns,
                'lies' => $prop->lies,
                'handedOut' => $prop->handedOut,
                'mind' => $prop->mind,
                'isOfSeat' => $prop->isOfSeat,
            ], $craft->changeOvers->props()),
            'doses' => array_map(static fn (DoseUnit $unit): array => ['most' => $unit->most(), 'step' => $unit->step()], array_column(DoseUnit::cases(), null, 'value')),
            'seats' => array_map(static fn (SeatKind $kind): array => ['width' => $kind->width(), 'depth' => $kind->depth()], array_column(SeatKind::cases(), null, 'value')),
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
            'joint' => $action->joint()->value,
            'hasSide' => $action->joint()->limb() !== null || $action->isDirectional(),
            'normal' => $ranges->normal($action)->to,
        ];
    }
}
