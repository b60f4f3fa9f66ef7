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
     */
    public function __construct(
        public string $id,
        public string $movement,
        public string $variation,
        public Dose $dose,
        public ?BreathPattern $pattern = null,
        public ?Side $firstSide = null,
        public ?string $round = null,
        public array $except = [],
        public ?string $onPurpose = null,
        public bool $shortCues = false,
        public ?int $rest = null,
        public ?string $note = null,
    ) {
        if ($rest !== null && ($rest < 0 || $rest > 6000)) {
            throw InvalidPlan::restIs($rest);
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
        ]);
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
