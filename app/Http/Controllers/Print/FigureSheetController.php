<?php

declare(strict_types=1);

namespace App\Http\Controllers\Print;

use App\Library\DerivedCache;
use App\Library\TeacherCraft;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\Request;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Figure\Figure;
use KindChair\Format\Craft;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** Every rung of the library on one sheet, by region, for the wall or for a look over all of them, each from its best side or all from one. */
final class FigureSheetController
{
    public function __invoke(#[CurrentUser] User $teacher, Request $request, Craft $craft, TeacherCraft $teacherCraft): Page
    {
        $base = MainBase::tryFrom($request->string('base')->toString()) ?? MainBase::Chair;

        $seen = View::tryFrom($request->string('view')->toString());

        return view('print.figures', [
            'base' => $base->value,
            'seen' => $seen->value ?? '',
            'zones' => DerivedCache::of("$teacher->id:sheet:$base->value:" . ($seen->value ?? 'best'), $teacherCraft->mark($teacher), static fn (): array => self::zones($craft, $base, $seen)),
        ]);
    }

    /** @return list<array{zone: string, name: string, rungs: list<array{movement: string, name: string, figure: Figure}>}> */
    private static function zones(Craft $craft, MainBase $base, ?View $seen): array
    {
        $zones = [];
        foreach ([...Zone::cases(), null] as $zone) {
            $rungs = [];
            foreach ($craft->library->all() as $movement) {
                foreach ($movement->mainRegion()?->zone() === $zone ? self::shown($movement, $base) : [] as $name => $variation) {
                    $rungs[] = ['movement' => $movement->name(), 'name' => $name, 'figure' => Figure::of($movement, $variation, $base->base(), Side::Left, view: $seen)];
                }
            }
            if ($rungs !== []) {
                $zones[] = ['zone' => $zone->value ?? 'none', 'name' => $zone?->plainName() ?? 'Breath and stillness', 'rungs' => $rungs];
            }
        }

        return $zones;
    }

    /** @return array<string, Variation> shapes on a base by their name; lying flat, what is done in place of rungs that were made for sitting goes by its line, once */
    private static function shown(Movement $movement, MainBase $base): array
    {
        $shown = [];
        foreach ($movement->variations as $rung) {
            $shape = $base->isFlat() ? $rung->lying() : $rung;
            if ($shape !== null && $rung->allows($base->base())) {
                $line = $base->isFlat() && $rung->isToldLying() ? $rung->sayOn($base->base(), true) : null;
                $shown[$line === null ? $rung->name : Cue::fill($line, Side::Left)] = $shape;
            }
        }

        return $shown;
    }
}
