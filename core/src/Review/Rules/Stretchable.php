<?php

declare(strict_types=1);

namespace KindChair\Review\Rules;

use KindChair\Movement\Dose;
use KindChair\Movement\DoseUnit;

/** A dose that may become longer or shorter between its least and its most. */
final readonly class Stretchable
{
    private const MORE_THAN_ANY_DOSE = 1_000_000;

    /** @param int $each tenths of a second that one repetition or breath takes over all passes */
    public function __construct(public Dose $dose, public int $least, public int $most, public int $each)
    {
    }

    public function allows(int $by): bool
    {
        $next = $this->dose->amount + $by;

        return $by < 0 ? $next >= $this->least : $next <= $this->most;
    }

    public function by(int $by): self
    {
        return new self($this->dose->of($this->dose->amount + $by), $this->least, $this->most, $this->each);
    }

    /**
     * Ranges first, then repetitions before breaths; the largest dose is shortened first, the smallest lengthened first.
     */
    public function rank(int $by): int
    {
        $kind = $this->dose->from !== null ? 2 : ($this->dose->unit === DoseUnit::Repetitions ? 1 : 0);

        return $kind * self::MORE_THAN_ANY_DOSE - $by * (int) $this->dose->amount;
    }
}
