<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Movement\MovementTrait;

/** What to avoid, limit and watch for one condition, with its reason. Supports a teacher; replaces no clinician. */
final readonly class Precaution
{
    /**
     * @param list<MovementTrait> $avoid
     * @param list<TraitLimit> $traitLimits
     * @param list<AngleLimit> $angleLimits
     * @param list<string> $watch sentences for the teacher
     * @param bool $watchAlways whether the reminders matter in every movement
     * @param string|null $instead what usually serves in its place
     * @param string|null $askClinician when to ask a clinician first
     * @param int|null $unbroken seconds of effort before a rest
     * @param float|null $doseShare share of the planned dose
     * @param bool $isForToday noted by the check before class, never kept with the person
     */
    public function __construct(
        public string $code,
        public string $name,
        public array $avoid,
        public array $traitLimits,
        public array $angleLimits,
        public ?BreathLimit $breathLimit,
        public array $watch,
        public bool $watchAlways,
        public string $why,
        public ?string $instead,
        public ?string $askClinician,
        public bool $hasSide,
        public string $source,
        public Confidence $confidence,
        public ?int $unbroken = null,
        public ?float $doseShare = null,
        public bool $isForToday = false,
    ) {
    }

    /** @param list<MovementTrait> $traits */
    public function concerns(array $traits): bool
    {
        foreach ([...$this->avoid, ...array_column($this->traitLimits, 'trait')] as $trait) {
            if (in_array($trait, $traits, true)) {
                return true;
            }
        }

        return false;
    }
}
