<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** How much of one pass: repetitions, breaths or seconds, exactly one of them. */
final readonly class Dose
{
    public function __construct(public DoseUnit $unit, public int $amount)
    {
        if ($amount < 1 || $amount > $unit->most()) {
            throw InvalidMovement::doseIs($unit, $amount, $unit->most());
        }
    }

    /** The dose in words: "5 breaths", "1 repetition", "0:40". */
    public function inWords(): string
    {
        return match ($this->unit) {
            DoseUnit::Breaths => $this->amount === 1 ? '1 breath' : "$this->amount breaths",
            DoseUnit::Repetitions => $this->amount === 1 ? 'once' : "$this->amount times",
            DoseUnit::Seconds => sprintf('%d:%02d', intdiv($this->amount, 60), $this->amount % 60),
        };
    }
}
