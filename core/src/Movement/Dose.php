<?php

declare(strict_types=1);

namespace KindChair\Movement;

/**
 * How much of one pass: repetitions, breaths or seconds; a range of them, planned at its middle; or as long as they like,
 * with the teacher's own estimate.
 */
final readonly class Dose
{
    /**
     * @param int|float $amount what is planned; seconds may have tenths, repetitions and breaths are whole
     * @param int|float|null $from the least of a range
     * @param int|float|null $to the most of a range
     * @param bool $isOpen as long as they like: the amount is an estimate in seconds
     */
    public function __construct(
        public DoseUnit $unit,
        public int|float $amount,
        public int|float|null $from = null,
        public int|float|null $to = null,
        public bool $isOpen = false,
    ) {
        foreach (array_filter([$amount, $from, $to], is_numeric(...)) as $number) {
            $isWhole = $unit === DoseUnit::Seconds ? abs($number * 10 - round($number * 10)) < 1e-6 : floor($number) === (float) $number;
            if ($number < 1 || $number > $unit->most() || !$isWhole) {
                throw InvalidMovement::doseIs($unit, $number, $unit->most());
            }
        }
        if (($from === null) !== ($to === null) || $from !== null && $to !== null && $from >= $to) {
            throw InvalidMovement::rangeIs($from, $to);
        }
    }

    /** From so much to so much, planned at the middle; breaths and repetitions at the whole number above it. */
    public static function between(DoseUnit $unit, int|float $from, int|float $to): self
    {
        $middle = ($from + $to) / 2;

        return new self($unit, $unit === DoseUnit::Seconds ? round($middle, 1) : (int) ceil($middle), $from, $to);
    }

    /** As long as they like; about so many seconds. */
    public static function open(int|float $seconds): self
    {
        return new self(DoseUnit::Seconds, $seconds, isOpen: true);
    }

    public function isTimed(): bool
    {
        return $this->unit === DoseUnit::Seconds;
    }

    /** Tenths of a second of a dose in seconds. */
    public function tenths(): int
    {
        return (int) round($this->amount * 10);
    }

    /** The same kind of dose with another amount; a range is given up, an open end is kept. */
    public function of(int|float $amount): self
    {
        return new self($this->unit, $amount, isOpen: $this->isOpen);
    }

    /** The dose in words: "5 breaths", "once", "0:40", "3 to 5 breaths", "as long as they like, about 0:40". */
    public function inWords(): string
    {
        if ($this->isOpen) {
            return 'as long as they like, about ' . self::clock($this->amount);
        }
        if ($this->from !== null && $this->to !== null) {
            return match ($this->unit) {
                DoseUnit::Breaths => "$this->from to $this->to breaths",
                DoseUnit::Repetitions => "$this->from to $this->to times",
                DoseUnit::Seconds => self::clock($this->from) . ' to ' . self::clock($this->to),
            };
        }

        return match ($this->unit) {
            DoseUnit::Breaths => (int) $this->amount === 1 ? '1 breath' : "$this->amount breaths",
            DoseUnit::Repetitions => (int) $this->amount === 1 ? 'once' : "$this->amount times",
            DoseUnit::Seconds => self::clock($this->amount),
        };
    }

    private static function clock(int|float $seconds): string
    {
        $whole = (int) floor($seconds);
        $tenths = (int) round(($seconds - $whole) * 10);

        return sprintf('%d:%02d', intdiv($whole, 60), $whole % 60) . ($tenths > 0 ? ".$tenths" : '');
    }
}
