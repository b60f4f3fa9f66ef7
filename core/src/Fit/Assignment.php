<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Side;
use KindChair\Breath\BreathPattern;
use KindChair\Movement\Movement;
use KindChair\Movement\Variation;
use KindChair\Timeline\TimedPass;

/** What an entry asks of everyone: movement, variation, breath and passes. */
final readonly class Assignment
{
    /** @var list<Side> the sides named in the passes; any one side for a movement that names none */
    public array $sides;

    /** Tenths of a second of all passes. */
    public int $length;

    /** Tenths of a second of the longest pass. */
    public int $longestPass;

    /**
     * @param list<TimedPass> $passes
     * @param int $workedBefore tenths of a second of work that went before without a pause
     */
    public function __construct(
        public Movement $movement,
        public Variation $variation,
        public BreathPattern $pattern,
        public array $passes,
        public int $workedBefore = 0,
    ) {
        $sides = [];
        $longest = $length = 0;
        foreach ($passes as $pass) {
            foreach ($pass->pass->side === null ? Side::cases() : [$pass->pass->side] as $side) {
                $sides[$side->value] = $side;
            }
            $longest = max($longest, $pass->length());
            $length += $pass->length();
        }
        $this->sides = array_slice(array_values($sides), 0, $movement->laterality->namesSide() ? null : 1);
        $this->length = $length;
        $this->longestPass = $longest;
    }

    /** The same for two that ask the same of everybody: all that a choice depends on besides the person and the library. */
    public function digest(): string
    {
        $breath = $this->pattern;
        $asks = "{$this->movement->id} {$this->variation->id} $breath->in $breath->holdFull $breath->out $breath->holdEmpty $this->workedBefore";
        foreach ($this->passes as $pass) {
            $asks .= "|{$pass->pass->side?->value} {$pass->pass->crossing?->value} {$pass->pass->direction}";
            foreach ($pass->beats as $beat) {
                $asks .= " $beat->stepId $beat->length {$beat->side?->value}";
            }
        }

        return hash('xxh128', $asks);
    }
}
