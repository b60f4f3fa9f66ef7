<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Region;
use KindChair\Breath\Breath;

/** A movement or practice of the library, with everything needed to plan, cue, draw and adapt it. */
final readonly class Movement
{
    /**
     * @param array{plain: string, traditional: string|null, clinical: string|null, simple?: string|null} $names
     * @param list<Region> $regions the main one first; empty for breath and stillness
     * @param Facing $facing how the teacher turns to show it
     * @param View|null $view how it is drawn; null where the best view is worked out
     * @param list<Step> $steps
     * @param non-empty-list<Variation> $variations from gentlest to fullest
     * @param string|null $breathReason why the breath goes against the usual direction
     * @param string|null $restWords what someone does who rests through it; null if it offers nothing
     * @param array<string, string> $oneLimb what someone does who has or uses one arm or one leg, by Limb value
     * @param list<Caution> $cautions
     * @param list<string> $substitutes ids of movements with the same aim
     * @param list<string> $counters ids of counter-movements
     * @param list<string> $sources
     * @param Tempo|null $tempo for what goes at its own pace, whatever the breath
     * @param list<Refinement> $refinements what is added while it goes on, in no particular order
     * @param string|null $carer what a carer does who moves the limb for somebody; null where nothing can be moved
     * @param list<PropOption> $options props that help
     * @param RungsWithProps $withProps its rungs as they are done with one of them
     * @param Naming $naming by what the teacher knows it
     * @param int|null $sideChange tenths of a second to change sides, where it takes longer than usual
     */
    public function __construct(
        public string $id,
        public array $names,
        public array $regions,
        public MovementKind $kind,
        public string $aim,
        public Laterality $laterality,
        public Facing $facing,
        public ?View $view,
        public array $steps,
        public array $variations,
        public string $usualVariation,
        public Doses $doses,
        public ?string $breathReason,
        public ?string $restWords,
        public array $oneLimb,
        public array $cautions,
        public array $substitutes,
        public array $counters,
        public bool $isFlow,
        public array $sources,
        public ?Tempo $tempo = null,
        public ?int $sideChange = null,
        public array $refinements = [],
        public ?string $carer = null,
        public array $options = [],
        public RungsWithProps $withProps = new RungsWithProps(),
        public Naming $naming = Naming::Plain,
    ) {
        if ($this->cycle() === []) {
            throw InvalidMovement::needsCycle($id);
        }
        $this->variation($usualVariation);
    }

    /** What the teacher calls it. */
    public function name(): string
    {
        return $this->naming->of($this->names);
    }

    /** What participants are told. */
    public function plainName(): string
    {
        return $this->names['plain'];
    }

    public function called(Naming $naming): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return $naming === $this->naming ? $this : new self(...array_merge(get_object_vars($this), ['naming' => $naming]));
    }

    /** Its name in six words at most, for those who are told one thing at a time. */
    public function simpleName(): string
    {
        return $this->names['simple'] ?? $this->names['plain'];
    }

    public function mainRegion(): ?Region
    {
        return $this->regions[0] ?? null;
    }

    public function hasVariation(string $id): bool
    {
        return in_array($id, $this->withProps->ids(), true) || in_array($id, array_column($this->variations, 'id'), true);
    }

    /** The view that was named for a shape; null where none was, or where somebody lies flat who does another one. */
    public function viewOf(Variation $shape): ?View
    {
        return $this->standsIn($shape) ? null : $this->view;
    }

    /** Whether a shape is what somebody does lying flat in place of a rung that was made for sitting. */
    public function standsIn(Variation $shape): bool
    {
        return $shape->position === Position::BedFlat && $this->hasVariation($shape->id) && $this->variation($shape->id)->position !== Position::BedFlat;
    }

    /** @throws UnknownMovement when it has no such rung */
    public function variation(string $id): Variation
    {
        foreach ($this->variations as $variation) {
            if ($variation->id === $id) {
                return $variation;
            }
        }

        return $this->withProps->get($id) ?? throw UnknownMovement::variation($this->name(), $id, array_column($this->variations, 'id'));
    }

    /**
     * The fullest rung on a base that is not above another one; the usual one where none is named. Whoever can stand can sit as well.
     *
     * @param (callable(Variation): bool)|null $which of those that count
     */
    public function rungOn(MainBase $base, ?string $atMost = null, ?callable $which = null): ?Variation
    {
        $most = $this->withoutProp($this->variation($atMost ?? $this->usualVariation))->level;
        $found = null;
        foreach ($this->variations as $rung) {
            $isFor = $rung->allows($base->base()) || $base === MainBase::Standing && $rung->allows(Base::Chair);
            $found = $rung->level <= $most && $isFor && ($which === null || $which($rung)) ? $rung : $found;
        }

        return $found;
    }

    /** The rung that is done with a prop here, without it; any other is itself. */
    public function withoutProp(Variation $rung): Variation
    {
        return $rung->option === null ? $rung : $this->variation(substr($rung->id, 0, (int) strpos($rung->id, PropOption::WITH)));
    }

    /** @return list<Variation> a rung with each prop that helps in it */
    public function withEachProp(Variation $rung): array
    {
        return $this->withProps->of($this->withoutProp($rung)->id);
    }

    /** @return array<string, PropOption> the props that help in a rung on a base, by the id of the rung with each */
    public function optionsFor(Variation $rung, Base $base): array
    {
        $plain = $this->withoutProp($rung);
        $ids = array_flip($this->withProps->ids());
        $options = [];
        foreach ($plain->allows($base) ? $this->options : [] as $option) {
            $id = $plain->id . PropOption::WITH . $option->id();
            if (isset($ids[$id]) && ($option->bases === [] || in_array($base, $option->bases, true))) {
                $options[$id] = $option;
            }
        }

        return $options;
    }

    /** @return list<Step> */
    public function phase(Phase $phase): array
    {
        return array_values(array_filter($this->steps, static fn (Step $step): bool => $step->phase === $phase));
    }

    /** @return list<Step> */
    public function cycle(): array
    {
        return $this->phase(Phase::Cycle);
    }

    /** @return list<Refinement> those that are true of a rung on a base; lying flat, none of a shape that is done otherwise there */
    public function refinementsFor(Variation $variation, MainBase $base): array
    {
        if ($base->isFlat() && !$variation->isCuedLying()) {
            return [];
        }

        return array_values(array_filter(
            $this->refinements,
            static fn (Refinement $one): bool => $one->holdsFor($variation, $base->base()) && (!$base->isFlat() || Misfits::in($one->words, Base::Bed, Position::BedFlat) === null),
        ));
    }

    /**
     * A rung in the words of a class that is on this base. What is done otherwise lying flat is told once, and then it is the breath that is told.
     *
     * @throws UnknownMovement when it has no such rung
     */
    public function spokenOn(MainBase $base, string $rung): Variation
    {
        $variation = $this->variation($rung);
        $spoken = $variation->spokenOn($base->base());
        if (!$base->isFlat() || $variation->position === Position::BedFlat) {
            return $spoken;
        }
        $isCued = $variation->isCuedLying();
        $cues = [];
        foreach ($this->steps as $step) {
            $cue = $spoken->cues[$step->id];
            $isTrue = $isCued && Misfits::in("$cue->first $cue->short", Base::Bed, Position::BedFlat) === null;
            $cues[$step->id] = $isTrue ? $cue : Cue::ofBreath($step->breath);
        }

        return $spoken->saying($variation->sayOn(Base::Bed, true), $cues);
    }

    /** The step of the face that the fewest rungs make, and so tells what this one adds; the last of several, null where no face does anything. */
    public function tellingFace(Variation $rung): ?Step
    {
        $telling = null;
        $fewest = PHP_INT_MAX;
        foreach ($this->steps as $step) {
            $face = $rung->body->faceIn($step->id);
            $rungs = count(array_filter($this->variations, static fn (Variation $other): bool => in_array($face, $other->body->face, true)));
            if ($face !== FaceForm::Still && $rungs <= $fewest) {
                [$telling, $fewest] = [$step, $rungs];
            }
        }

        return $telling;
    }

    public function cuesPause(Breath $pause): bool
    {
        return in_array($pause, array_column($this->steps, 'breath'), true);
    }
}
