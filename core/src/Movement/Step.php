<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Breath\Breath;
use KindChair\Breath\BreathPattern;

/** One part of a movement that goes with one part of the breath. */
final readonly class Step
{
    /**
     * @param int|null $freeLength tenths of a second, for a step that follows no breath
     * @param FingerForm|null $fingers null where curl and spread tell what the hand does
     * @param bool $isShown whether a still shows it, where that is not the step furthest from rest: who stands up ends in what is rest for who stands
     */
    public function __construct(
        public string $id,
        public Phase $phase,
        public Breath $breath,
        public ?int $freeLength,
        public Angles $angles,
        public Cue $cue,
        public ?FingerForm $fingers = null,
        public bool $isShown = false,
    ) {
        if (($breath === Breath::Free) !== ($freeLength !== null && $freeLength > 0)) {
            throw InvalidMovement::onlyFreeStepsHaveSeconds($id, $freeLength);
        }
    }

    /**
     * Tenths of a second under a pattern: in = in + pause, out = out + pause, free = its own.
     * A pause that the movement cues as a step of its own is not counted twice.
     */
    public function length(BreathPattern $pattern, bool $cuesFullPause = false, bool $cuesEmptyPause = false): int
    {
        return match ($this->breath) {
            Breath::In => $pattern->in + ($cuesFullPause ? 0 : $pattern->holdFull),
            Breath::HoldFull => $pattern->holdFull,
            Breath::Out => $pattern->out + ($cuesEmptyPause ? 0 : $pattern->holdEmpty),
            Breath::HoldEmpty => $pattern->holdEmpty,
            Breath::Free => (int) $this->freeLength,
        };
    }
}
