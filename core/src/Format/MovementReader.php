<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\RangeTable;
use KindChair\Body\Region;
use KindChair\Breath\Breath;
use KindChair\Figure\Contacts;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BaseWords;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Caution;
use KindChair\Movement\Cue;
use KindChair\Movement\Doses;
use KindChair\Movement\Facing;
use KindChair\Movement\FingerForm;
use KindChair\Movement\Laterality;
use KindChair\Movement\LyingShape;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Refinement;
use KindChair\Movement\RefinementKind;
use KindChair\Movement\RungsWithProps;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;
use KindChair\Movement\Step;
use KindChair\Movement\Tempo;
use KindChair\Movement\Variation;
use KindChair\Movement\View;

/** Reads a movement from its open form (schema/movement.schema.json). */
final readonly class MovementReader
{
    /** @throws FormatError */
    public static function read(Node $node, RangeTable $ranges): Movement
    {
        $contacts = new Contacts($ranges);
        $words = self::baseWords($node->maybe('forBase'));
        $steps = array_map(self::step(...), $node->at('steps')->items());
        $variations = array_map(
            static fn (Node $variation): Variation => $contacts->settled(self::variation($variation, $steps, $node->maybe('body'), $words), $steps),
            $node->at('variations')->items(),
        );
        if ($variations === []) {
            throw FormatError::isEmpty($node->at('variations')->place, 'variation');
        }
        usort($variations, static fn (Variation $a, Variation $b): int => $a->level <=> $b->level);
        $doses = $node->at('doses');
        $options = array_map(PropOptionReader::read(...), $node->maybe('withProps')?->items() ?? []);
        $withProps = [];
        foreach ($options as $option) {
            foreach ($variations as $rung) {
                $with = $rung->with($option);
                if ($with !== null) {
                    $withProps[] = $with->angles == $rung->angles && self::liesAs($with, $rung) ? $with->onSeatsOf($rung) : $contacts->settled($with, $steps);
                }
            }
        }

        return $node->build(static fn (): Movement => new Movement(
            id: $node->at('id')->string(),
            names: [
                'plain' => $node->at('names')->at('plain')->string(),
                'simple' => $node->at('names')->maybe('simple')?->string(),
                'traditional' => $node->at('names')->maybe('traditional')?->string(),
                'clinical' => $node->at('names')->maybe('clinical')?->string(),
            ],
            regions: array_map(static fn (Node $region): Region => $region->enum(Region::class), $node->at('regions')->items()),
            kind: $node->at('kind')->enum(MovementKind::class),
            aim: $node->at('aim')->string(),
            laterality: self::laterality($node->at('laterality')),
            facing: $node->at('facing')->enum(Facing::class),
            view: $node->maybe('view')?->enum(View::class),
            steps: $steps,
            variations: $variations,
            usualVariation: $node->at('usual')->string(),
            doses: new Doses(DoseForm::read($doses->at('usual')), DoseForm::read($doses->at('least')), DoseForm::read($doses->at('most'))),
            breathReason: $node->maybe('breathReason')?->string(),
            restWords: $node->maybe('rest')?->string(),
            oneLimb: array_map(static fn (Node $words): string => $words->string(), $node->maybe('oneLimb')?->members() ?? []),
            cautions: array_map(static fn (Node $caution): Caution => new Caution(
                $caution->at('words')->string(),
                $caution->at('stop')->string(),
                $caution->at('source')->string(),
            ), $node->at('cautions')->items()),
            substitutes: $node->at('substitutes')->strings(),
            counters: $node->at('counters')->strings(),
            isFlow: $node->maybe('flow')?->bool() ?? false,
            sources: $node->at('sources')->strings(),
            tempo: self::tempo($node->maybe('tempo')),
            sideChange: $node->maybe('sideChange')?->tenths(),
            refinements: array_map(self::refinement(...), $node->maybe('refinements')?->items() ?? []),
            carer: $node->maybe('carer')?->string(),
            options: $options,
            withProps: new RungsWithProps($withProps),
        ));
    }

    private static function tempo(?Node $node): ?Tempo
    {
        return $node?->build(static fn (): Tempo => new Tempo($node->at('usual')->tenths(), $node->at('least')->tenths(), $node->at('most')->tenths()));
    }

    private static function laterality(Node $node): Laterality
    {
        $directions = $node->maybe('directions');
        $words = $directions?->strings();
        if ($directions !== null && ($words === null || count($words) !== 2)) {
            throw $directions->expected('two directions in words');
        }

        return $node->build(static fn (): Laterality => new Laterality(
            $node->at('sides')->enum(SideUse::class),
            $words === null ? null : [$words[0], $words[1]],
            $node->maybe('crossing')?->string(),
            $node->at('means')->enum(SideMeaning::class),
            $node->maybe('directionFirst')?->bool() ?? false,
        ));
    }

    private static function step(Node $node): Step
    {
        return $node->build(static fn (): Step => new Step(
            $node->at('id')->string(),
            $node->at('phase')->enum(Phase::class),
            $node->at('breath')->enum(Breath::class),
            $node->maybe('seconds')?->tenths(),
            ShapeReader::angles($node->maybe('angles')),
            self::cue($node->at('cue')),
            $node->maybe('fingers')?->enum(FingerForm::class),
            $node->maybe('shown')?->bool() ?? false,
        ));
    }

    private static function cue(Node $node): Cue
    {
        return new Cue($node->at('first')->string(), $node->at('short')->string());
    }

    private static function refinement(Node $node): Refinement
    {
        return new Refinement(
            $node->at('kind')->enum(RefinementKind::class),
            $node->at('words')->string(),
            array_map(static fn (Node $base): Base => $base->enum(Base::class), $node->maybe('bases')?->items() ?? []),
            $node->maybe('rungs')?->strings() ?? [],
        );
    }

    /** Whether hands and elbows of a rung lie where those of another do, on each of its bases. */
    private static function liesAs(Variation $one, Variation $other): bool
    {
        $lying = static fn (BodyUse $use): array => [$use->hands, $use->elbows];
        foreach ($one->bases as $base) {
            if ($lying(BaseHands::use($one, $base)) != $lying(BaseHands::use($other, $base))) {
                return false;
            }
        }

        return $lying($one->body) == $lying($other->body);
    }

    /**
     * What is said on each base: a line for whoever sits there, or that and the words for a class that does.
     *
     * @return array<string, BaseWords> by Base value
     */
    private static function baseWords(?Node $node): array
    {
        $words = [];
        foreach ($node?->members() ?? [] as $base => $one) {
            if ($one->isString()) {
                $words[$base] = new BaseWords($one->string());
                continue;
            }
            $shape = $one->maybe('shape');
            if ($shape !== null && $base !== BaseWords::FLAT) {
                throw $shape->expected('a shape for who lies flat only');
            }
            $words[$base] = new BaseWords(
                $one->maybe('say')?->string(),
                $one->maybe('introduction')?->string(),
                array_map(self::cue(...), $one->maybe('cues')?->members() ?? []),
                self::lyingShape($shape),
                ShapeReader::hands($one->maybe('hands')),
                ShapeReader::elbows($one->maybe('elbows')),
            );
        }

        return $words;
    }

    private static function lyingShape(?Node $node): ?LyingShape
    {
        return $node === null ? null : new LyingShape(
            array_map(ShapeReader::angles(...), $node->maybe('angles')?->members() ?? []),
            ShapeReader::bodyUse($node->maybe('body')),
            $node->maybe('props')?->strings() ?? [],
            $node->maybe('propAt')?->enum(PropPlace::class),
            $node->maybe('always')?->bool() ?? false,
        );
    }

    /**
     * @param list<Step> $steps
     * @param array<string, BaseWords> $words the movement's own, by Base value
     */
    private static function variation(Node $node, array $steps, ?Node $body, array $words): Variation
    {
        $share = $node->maybe('share')?->number() ?? 1.0;
        $angles = [];
        $cues = [];
        foreach ($steps as $step) {
            $own = $node->maybe('angles')?->maybe($step->id);
            $angles[$step->id] = $own === null ? $step->angles->scaled($share) : ShapeReader::angles($own);
            $ownCue = $node->maybe('cues')?->maybe($step->id);
            $cues[$step->id] = $ownCue === null ? $step->cue : self::cue($ownCue);
        }
        $bases = array_map(static fn (Node $base): Base => $base->enum(Base::class), $node->at('bases')->items());
        if ($bases === []) {
            throw FormatError::isEmpty($node->at('bases')->place, 'base');
        }
        $forBase = $words;
        if (count($bases) === 1 && isset($words[$bases[0]->value])) {
            // What a rung for one base says of its own goes before what the movement says there.
            $there = $words[$bases[0]->value];
            $forBase[$bases[0]->value] = new BaseWords($there->say, $there->introduction, array_diff_key($there->cues, $node->maybe('cues')?->members() ?? []), $there->shape, $there->hands, $there->elbows);
            $words = $forBase;
        }
        foreach (self::baseWords($node->maybe('forBase')) as $base => $own) {
            $forBase[$base] = $own->or($words[$base] ?? new BaseWords());
        }

        return $node->build(static fn (): Variation => new Variation(
            id: $node->at('id')->string(),
            name: $node->at('name')->string(),
            level: $node->at('level')->int(),
            bases: $bases,
            position: $node->at('position')->enum(Position::class),
            introduction: $node->at('introduction')->string(),
            angles: $angles,
            cues: $cues,
            body: ShapeReader::bodyUse($node->maybe('body') ?? $body),
            props: $node->maybe('props')?->strings() ?? [],
            propAt: $node->maybe('propAt')?->enum(PropPlace::class),
            scalesDown: $node->maybe('scalesDown')?->bool() ?? true,
            forBase: $forBase,
        ));
    }

}
