<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Dose;

/** One movement as planned in a class. */
final readonly class Entry
{
    /**
     * @param list<PassDose> $except
     * @param string|null $onPurpose why a side or direction is left out or shorter
     * @param bool $shortCues say the short cues from the start
     * @param int|null $rest tenths of a second after the movement
     * @param string|null $group the id of the section's group it belongs to
     * @param int|null $tempo tenths of a second a repetition, for a movement at its own tempo
     * @param int|null $setUp tenths of a second until it begins, where the teacher takes her own time
     * @param bool $goesOn grows out of the entry before: that one is not left, and this one needs no set-up
     * @param Dose|null $secondDose the dose in the second half of a round, for an entry that is done in both
     * @param list<Interlude> $interludes
     * @param bool $isInterlude has no rank and no sides to balance
     */
    public function __construct(
        public string $id,
        public string $movement,
        public string $variation,
        public Dose $dose,
        public ?BreathPattern $pattern = null,
        public ?Side $firstSide = null,
        public array $except = [],
        public ?string $onPurpose = null,
        public bool $shortCues = false,
        public ?int $rest = null,
        public ?string $note = null,
        public ?string $group = null,
        public ?int $tempo = null,
        public ?int $setUp = null,
        public bool $goesOn = false,
        public ?Dose $secondDose = null,
        public array $interludes = [],
        public bool $isInterlude = false,
        public ?OwnWords $words = null,
    ) {
        if ($rest !== null && ($rest < 0 || $rest > 6000)) {
            throw InvalidPlan::restIs($rest);
        }
        if ($setUp !== null && ($setUp < 0 || $setUp > 6000)) {
            throw InvalidPlan::setUpIs($setUp);
        }
    }

    /** The dose of one pass, or null when it is left out. */
    public function doseOf(?Side $side, ?string $direction, ?Side $crossing): ?Dose
    {
        $dose = $this->dose;
        foreach ($this->except as $exception) {
            if ($exception->passes->covers($side, $direction, $crossing)) {
                $dose = $exception->dose;
            }
        }

        return $dose;
    }

    /** Every pass at the entry's own dose. */
    public function evenedOut(?Dose $dose = null): self
    {
        return $this->with(['except' => [], 'onPurpose' => null, 'dose' => $dose ?? $this->dose]);
    }

    public function withShortCues(): self
    {
        return $this->with(['shortCues' => true]);
    }

    public function withPattern(BreathPattern $pattern): self
    {
        return $this->with(['pattern' => $pattern]);
    }

    public function withMovement(string $movement, string $variation, Dose $dose): self
    {
        return $this->with([
            'movement' => $movement,
            'variation' => $variation,
            'dose' => $dose,
            'except' => [],
            'onPurpose' => null,
            'pattern' => null,
            'shortCues' => false,
            'tempo' => null,
            'words' => null,
            'interludes' => [],
        ]);
    }

    /** Beginning on the other side, where it has a first side of its own. */
    public function otherSideFirst(): self
    {
        return $this->firstSide === null ? $this : $this->with(['firstSide' => $this->firstSide->other()]);
    }

    /** @param int $tenths tenths of a second after the movement */
    public function withRest(int $tenths): self
    {
        return $this->with(['rest' => $tenths]);
    }

    /** In the pattern of its section or class. */
    public function withoutPattern(): self
    {
        return $this->with(['pattern' => null]);
    }

    /** As something between others: without a place in the order. */
    public function asInterlude(): self
    {
        return $this->with(['isInterlude' => true]);
    }

    public function saying(?OwnWords $words): self
    {
        return $this->with(['words' => $words]);
    }

    public function inGroup(string $group): self
    {
        return $this->with(['group' => $group]);
    }

    public function withVariation(string $variation): self
    {
        return $this->with(['variation' => $variation]);
    }

    public function beginningOn(Side $side): self
    {
        return $this->with(['firstSide' => $side]);
    }

    public function withDose(Dose $dose): self
    {
        return $this->with(['dose' => $dose]);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
