<?php

declare(strict_types=1);

namespace KindChair\Movement;

use InvalidArgumentException;

/** How much of one pass: repetitions, breaths or seconds, exactly one of them. */
final readonly class Dose
{
    public function __construct(public DoseUnit $unit, public int $amount)
    {
        $most = $unit === DoseUnit::Seconds ? 1800 : 60;
        if ($amount < 1 || $amount > $most) {
            throw new InvalidArgumentException("A dose in {$unit->value} is 1 to $most; got $amount.");
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
