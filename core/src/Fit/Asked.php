<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Timeline\TimedPass;

/** What an entry asks of everyone: movement, variation, breath and passes. */
final readonly class Asked
{
    /** @param list<TimedPass> $passes */
    public function __construct(
        public Movement $movement,
        public Variation $variation,
        public BreathPattern $pattern,
        public array $passes,
    ) {
    }

    /** @return list<Side> the sides named in the passes; any one side for a movement that names none */
    public function sides(): array
    {
        $sides = [];
        foreach ($this->passes as $pass) {
            $named = $pass->pass->side === null ? Side::cases() : [$pass->pass->side];
            foreach ($named as $side) {
                $sides[$side->value] = $side;
            }
        }

        return $this->movement->laterality->isSided() ? array_values($sides) : array_slice(array_values($sides), 0, 1);
    }

    /** Tenths of a second of the longest pass. */
    public function longestPass(): int
    {
        return max([0, ...array_map(static fn (TimedPass $pass): int => $pass->length(), $this->passes)]);
    }
}
