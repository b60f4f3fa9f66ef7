<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Base;
use KindChair\Movement\Dose;
use KindChair\Movement\Movement;
use KindChair\Movement\SpineDirections;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;

/** What a movement can be found by. */
final readonly class MovementFacts
{
    /**
     * @param array{plain: string, traditional: string|null, clinical: string|null} $names
     * @param string|null $zone where it mainly works; null for breath and stillness
     * @param int $rank of its main region, head to toe; 0 for breath and stillness
     * @param list<string> $zones all it works
     * @param list<string> $directions of the spine: fold, arch, lean, turn
     * @param 'with-breath'|'still'|'as-it-comes'|'pauses' $breath
     * @param list<string> $bases
     * @param list<string> $props prop ids that some variation asks for
     * @param list<string> $helped prop ids that help in it
     * @param int $length tenths of a second in its usual dose
     * @param string $words everything that words can find, in lower case
     */
    private function __construct(
        public string $id,
        public array $names,
        public string $aim,
        public string $kind,
        public string $sides,
        public string $usual,
        public Base $shownOn,
        public Dose $dose,
        public ?string $zone,
        public int $rank,
        public array $zones,
        public array $directions,
        public string $breath,
        public array $bases,
        public array $props,
        public array $helped,
        public int $length,
        public string $words,
    ) {
    }

    public static function of(Movement $movement, MovementAlone $trial): self
    {
        $regions = array_map(static fn (Region $region): string => $region->plainName(), $movement->regions);

        return new self(
            id: $movement->id,
            names: $movement->names,
            aim: $movement->aim,
            kind: $movement->kind->value,
            sides: $movement->laterality->sides->value,
            usual: $movement->usualVariation,
            shownOn: $movement->variation($movement->usualVariation)->mainBase(),
            dose: $movement->doses->usual,
            zone: $movement->mainRegion()?->zone()->value,
            rank: $movement->mainRegion()?->rank() ?? 0,
            zones: self::unique(array_map(static fn (Region $region): string => $region->zone()->value, $movement->regions)),
            directions: self::directionsOf($movement),
            breath: self::breathOf($movement),
            bases: self::unique(array_merge(...array_map(
                static fn (Variation $variation): array => array_map(static fn (Base $base): string => $base->value, $variation->bases),
                $movement->variations,
            ))),
            props: self::unique(array_merge(...array_column($movement->variations, 'props'))),
            helped: self::unique(array_column($movement->options, 'prop')),
            length: $trial->length,
            words: mb_strtolower(implode(' ', [...array_values(array_filter($movement->names)), $movement->aim, ...$regions, ...array_column($movement->variations, 'name')])),
        );
    }

    /** @return list<string> */
    private static function directionsOf(Movement $movement): array
    {
        return self::unique(array_merge(...array_map(SpineDirections::of(...), $movement->variations)));
    }

    /** @return 'with-breath'|'still'|'as-it-comes'|'pauses' */
    private static function breathOf(Movement $movement): string
    {
        $cycle = $movement->cycle();
        $breaths = array_map(static fn (Step $step): Breath => $step->breath, $cycle);
        if (in_array(Breath::HoldFull, $breaths, true) || in_array(Breath::HoldEmpty, $breaths, true)) {
            return 'pauses';
        }
        if (in_array(Breath::Free, $breaths, true)) {
            return 'as-it-comes';
        }
        $angles = $movement->variation($movement->usualVariation)->angles;
        $poses = array_map(static fn (Step $step): array => array_map(
            static fn ($angle): string => $angle->key . intdiv($angle->degrees, 8),
            $angles[$step->id]->on(Side::Left),
        ), $cycle);

        return count(array_unique(array_map(static fn (array $pose): string => implode(',', $pose), $poses))) === 1 ? 'still' : 'with-breath';
    }

    /**
     * @param list<string> $words
     * @return list<string>
     */
    private static function unique(array $words): array
    {
        return array_values(array_unique($words));
    }
}
