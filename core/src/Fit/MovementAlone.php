<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Breath\BreathPattern;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Timeline\TimedPass;
use KindChair\Timeline\TimelineBuilder;

/** A movement on its own, in its usual dose: how long it takes and who could do it. */
final readonly class MovementAlone
{
    /**
     * @param int $length tenths of a second, with set-up and side changes
     * @param list<TimedPass> $passes
     */
    private function __construct(
        private Movement $movement,
        private Variation $variation,
        private BreathPattern $pattern,
        public int $length,
        public array $passes,
    ) {
    }

    public static function of(Movement $movement, TimelineBuilder $builder, BreathPattern $pattern, ?string $variation = null): self
    {
        $variation ??= $movement->usualVariation;
        $entry = new Entry('trial', $movement->id, $variation, $movement->doses->usual);
        $section = new Section('trial', SectionKind::HeadToToe, [$entry], null);
        $timeline = $builder->build(new ClassPlan($movement->name(), 45, $pattern, new Settings(), [$section]));

        return new self($movement, $movement->variation($variation), $pattern, $timeline->length(), $timeline->passesOf('trial'));
    }

    /** @return list<PersonVersion> one for each person of the group, in its order */
    public function versions(Group $group, Chooser $chooser): array
    {
        $asked = new Assignment($this->movement, $this->variation, $this->pattern, $this->passes);

        return array_map(static fn ($person): PersonVersion => $chooser->choose($person, $asked), $group->people);
    }
}
