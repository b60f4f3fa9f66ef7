<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Library\EverydayWords;
use App\Library\FigureBook;
use App\Library\MovementFinder;
use App\Models\User;
use App\Planning\TeachersPeople;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Demand\PropChange;
use KindChair\Figure\FigureKey;
use KindChair\Fit\StopWhen;
use KindChair\Format\Craft;
use KindChair\Movement\Base;
use KindChair\Movement\BaseWords;
use KindChair\Movement\Caution;
use KindChair\Movement\Cue;
use KindChair\Movement\MainBase;
use KindChair\Movement\Movement;
use KindChair\Movement\PropOption;
use KindChair\Movement\Refinement;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\People\Participant;
use KindChair\People\Precaution;

/** A movement on its page, with its figures (schema/answer-movement.schema.json). */
final readonly class MovementResource
{
    public function __construct(private Craft $craft, private MovementFinder $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function of(Movement $movement, User $teacher): array
    {
        $own = str_contains($movement->id, '@') ? $teacher->ownMovements()->where('key', strtok($movement->id, '@'))->first() : null;
        $people = (new TeachersPeople($this->craft))->of($teacher);

        return [
            'id' => $movement->id,
            'name' => $movement->name(),
            'names' => $movement->names,
            'aim' => $movement->aim,
            'serves' => array_map(static fn (array $purpose): array => ['name' => $purpose['name'], 'who' => $purpose['serves']], EverydayWords::purposesOf((string) strtok($movement->id, '@'))),
            'kind' => $movement->kind->value,
            'zone' => $movement->mainRegion()?->zone()->value,
            'regions' => array_map(static fn (Region $region): string => $region->plainName(), $movement->regions),
            'sides' => $movement->laterality->sides->value,
            'means' => $movement->laterality->means->value,
            'ways' => self::ways($movement),
            'facing' => $movement->facing->value,
            'usual' => $movement->usualVariation,
            'dose' => MovementCardResource::dose($movement->doses->usual),
            'doses' => [
                'usual' => $movement->doses->usual->inWords(),
                'least' => $movement->doses->least->inWords(),
                'most' => $movement->doses->most->inWords(),
            ],
            'seconds' => $this->catalogue->trial($movement)->length / 10,
            'steps' => array_map(static fn (Step $step): array => [
                'id' => $step->id,
                'phase' => $step->phase->value,
                'breath' => $step->breath->value,
                'cue' => self::cue($step->cue, $movement),
            ], $movement->steps),
            'variations' => array_map(fn (Variation $variation): array => $this->variation($movement, $variation, $people), $movement->variations),
            'withProps' => array_map(fn (PropOption $option): array => $this->option($movement, $option), $movement->options),
            'oneLimb' => (object) $movement->oneLimb,
            'carer' => $movement->carer,
            'rest' => $movement->restWords,
            'refinements' => array_map(static fn (Refinement $one): array => [
                'kind' => $one->kind->value,
                'words' => $one->say(Side::Left, $movement->laterality->directions[0] ?? null, Side::Left),
                'bases' => array_column($one->bases, 'value'),
                'rungs' => $one->rungs,
            ], $movement->refinements),
            'breathReason' => $movement->breathReason,
            'cautions' => array_map(static fn (Caution $caution): array => [
                'words' => $caution->words,
                'stop' => $caution->stopSign,
                'source' => $caution->source,
            ], $movement->cautions),
            'substitutes' => array_map($this->named(...), $movement->substitutes),
            'counters' => array_map($this->named(...), $movement->counters),
            'sources' => $movement->sources,
            'own' => $own === null ? null : ['key' => $own->key, 'number' => $own->number, 'hasDraft' => $own->draft !== null],
            'uses' => MovementFinder::uses($teacher, $movement->id),
            'figures' => (object) FigureBook::of($this->craft->library, $teacher)->draw(self::keys($movement)),
        ];
    }

    /** @return array<string, mixed> a prop that helps: where, what is said, and what it changes */
    private function option(Movement $movement, PropOption $option): array
    {
        $rungs = $movement->withProps->with($option);
        $shown = self::shownWith($movement, $option);
        $prop = $this->craft->changeOvers->prop($option->prop);
        $notFor = fn (Variation $rung): array => array_column(DemandResource::excluded($this->craft, $movement, $rung), 'name');

        return [
            'id' => $option->id(),
            'name' => ucfirst($option->name()),
            'does' => $option->does->plainName(),
            'say' => Cue::fill($option->say, Side::Left),
            'rungs' => array_map(static fn (Variation $with): string => $movement->withoutProp($with)->name, $rungs),
            'bases' => $shown === null ? [] : array_column($shown->bases, 'value'),
            'figure' => $shown === null ? '' : (string) FigureKey::usual($movement->id, $shown),
            'changes' => $shown === null ? [] : PropChange::of($movement, $shown, $this->craft->demands),
            'notFor' => $shown === null ? [] : array_values(array_diff($notFor($shown), $notFor($movement->withoutProp($shown)))),
            'prop' => ['standIns' => $prop->standIns ?? [], 'lies' => $prop->lies ?? '', 'handedOut' => $prop->handedOut ?? '', 'mind' => $prop->mind ?? ''],
        ];
    }

    /** The rung on which a prop is shown: the usual one if it is for that, else the fullest. */
    private static function shownWith(Movement $movement, PropOption $option): ?Variation
    {
        $rungs = $movement->withProps->with($option);

        return $movement->withProps->get($movement->usualVariation . PropOption::WITH . $option->id()) ?? $rungs[count($rungs) - 1] ?? null;
    }

    /** @return list<MainBase> on which a rung is done; in bed also with the backrest down */
    private static function seats(Variation $variation): array
    {
        return [...array_map(MainBase::of(...), $variation->bases), ...($variation->allows(Base::Bed) ? [MainBase::BedFlat] : [])];
    }

    /** @return list<string> */
    private static function keys(Movement $movement): array
    {
        $keys = [];
        foreach ($movement->variations as $variation) {
            foreach ($variation->bases as $base) {
                $keys[] = (string) FigureKey::of($movement->id, $variation->id, $base);
                if ($base === Base::Chair) {
                    $keys[] = (string) FigureKey::of($movement->id, $variation->id, $base)->inArmchair();
                }
            }
            if ($variation->allows(Base::Bed) && $variation->lying() !== null) {
                $keys[] = (string) FigureKey::on($movement->id, $variation, MainBase::BedFlat);
            }
        }

        foreach ($movement->options as $option) {
            $shown = self::shownWith($movement, $option);
            if ($shown !== null) {
                $keys[] = (string) FigureKey::usual($movement->id, $shown);
            }
        }

        return $keys;
    }

    /** @return list<string> what must be done both ways, and what left means */
    private static function ways(Movement $movement): array
    {
        $laterality = $movement->laterality;
        $means = match ($laterality->means) {
            SideMeaning::Direction => 'the way one goes',
            SideMeaning::Lengthened => 'the side that grows long',
            SideMeaning::InFront => 'the limb in front or on top',
            SideMeaning::Limb => 'the limb that works',
        };

        return array_values(array_filter([
            match ($laterality->sides->value) {
                'one-sided' => "One side, then the other. Left means $means.",
                'alternating' => "From side to side. Left means $means.",
                'together' => 'Both sides together.',
                default => 'In the middle: no sides.',
            },
            $laterality->directions === null ? null : ucfirst($laterality->directions[0]) . ', then ' . $laterality->directions[1] . '.',
            $laterality->crossing === null ? null : 'Once with the left and once with the right on top (' . $laterality->crossing . ').',
        ]));
    }

    /** @return array{first: string, short: string} with the left as the side that is named */
    private static function cue(Cue $cue, Movement $movement): array
    {
        $say = static fn (bool $first): string => $cue->say($first, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left);

        return ['first' => $say(true), 'short' => $say(false)];
    }

    /**
     * @param list<Participant> $people
     * @return array<string, mixed>
     */
    private function variation(Movement $movement, Variation $variation, array $people): array
    {
        $cues = [];
        foreach ($movement->steps as $step) {
            if ($variation->cues[$step->id] != $step->cue) {
                $cues[] = ['step' => $step->id, ...self::cue($variation->cues[$step->id], $movement)];
            }
        }

        return [
            'id' => $variation->id,
            'name' => $variation->name,
            'level' => $variation->level,
            'bases' => array_map(static fn (Base $base): string => $base->value, $variation->bases),
            'introduction' => Cue::fill($variation->introduction, Side::Left, $movement->laterality->directions[0] ?? null, Side::Left),
            'forBase' => (object) array_filter(array_map(static fn (BaseWords $words): ?string => $words->say === null ? null : Cue::fill($words->say, Side::Left), $variation->forBase)),
            'looks' => (object) array_filter(array_combine(
                array_column($seats = self::seats($variation), 'value'),
                array_map(static fn (MainBase $base): string => StopWhen::withLookFirst($variation, $base), $seats),
            )),
            'cues' => $cues,
            'isShownLying' => $variation->lying() !== null,
            'props' => array_map(fn (string $id): string => $this->craft->changeOvers->prop($id)->name ?? $id, $variation->props),
            'asks' => DemandResource::of($this->craft, $movement, $variation, $people),
            'notFor' => array_values(array_map(static fn (Precaution $precaution): array => [
                'name' => $precaution->name,
                'why' => $precaution->why,
                'instead' => $precaution->instead,
                'source' => $precaution->source,
            ], DemandResource::excluded($this->craft, $movement, $variation))),
        ];
    }

    /** @return array{id: string, name: string} */
    private function named(string $id): array
    {
        return ['id' => $id, 'name' => $this->craft->library->get($id)->name()];
    }
}
