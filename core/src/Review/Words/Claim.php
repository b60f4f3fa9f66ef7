<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use Closure;

/** Something that words say about a shape, and how to tell whether the shape does it. */
final readonly class Claim
{
    /**
     * @param string $pattern of the words that claim it
     * @param Closure(Said): bool $isTrue
     * @param string $else what is wrong where it is not
     */
    public function __construct(public string $pattern, public Closure $isTrue, public string $else)
    {
    }

    public function isBrokenBy(Said $said): bool
    {
        return $said->mentions($this->pattern) && !($this->isTrue)($said);
    }
}
