<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Side;

/** One thing a teacher adds while a movement goes on: said once, in one breath, and then quiet. */
final readonly class Refinement
{
    /**
     * @param string $words with the tokens of Cue
     * @param list<Base> $bases where it is true; everywhere if none is named
     * @param list<string> $rungs ids of the variations of which it is true; of all if none is named
     */
    public function __construct(public RefinementKind $kind, public string $words, public array $bases = [], public array $rungs = [])
    {
    }

    public function holdsFor(Variation $variation, Base $base): bool
    {
        return ($this->bases === [] || in_array($base, $this->bases, true))
            && ($this->rungs === [] || in_array($variation->id, $this->rungs, true));
    }

    public function say(?Side $side, ?string $direction = null, ?Side $crossing = null): string
    {
        return Cue::fill($this->words, $side, $direction, $crossing);
    }
}
