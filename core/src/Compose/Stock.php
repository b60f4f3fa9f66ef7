<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Fit\PersonVersion;
use KindChair\Movement\Dose;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;

/** A rung that a class could hold: for whom it is, and how long it takes in each dose. */
final readonly class Stock
{
    /**
     * @param non-empty-list<array{dose: Dose, tenths: int, moving: int}> $doses tenths of a second with all that belongs to it, and of its passes alone
     * @param int $least tenths of a second of its passes in its least dose
     * @param int $usual tenths of a second of its passes in its usual dose
     * @param int $changing tenths of a second of changing place and props, there and back
     * @param list<PersonVersion> $versions
     * @param list<string> $directions into which it takes the spine
     */
    public function __construct(
        public string $part,
        public Movement $movement,
        public Variation $rung,
        public array $doses,
        public int $least,
        public int $usual,
        public int $changing,
        public array $versions,
        public array $directions,
    ) {
    }

    /** How many rungs it lies below the usual one; one more where that is for other seats. */
    public function below(): int
    {
        $usual = $this->movement->variation($this->movement->usualVariation);

        return $usual->id === $this->rung->id ? 0 : $usual->level - $this->rung->level + ($usual->mainBase() === $this->rung->mainBase() && $usual->position === $this->rung->position ? 0 : 1);
    }

    public function id(Dose $dose): string
    {
        return "{$this->movement->id}/{$this->rung->id}/" . $dose->amount;
    }
}
