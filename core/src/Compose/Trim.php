<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Plan\ClassPlan;

/** A class brought to another length, and what that took. */
final readonly class Trim
{
    /**
     * @param int $length tenths of a second that it takes now
     * @param array<string, array{from: string, to: string}> $changed doses in words, by entry
     * @param list<string> $left movements that were left out, by name
     */
    public function __construct(public ClassPlan $plan, public int $length, public Problem $problem, public Solution $solution, public array $changed, public array $left)
    {
    }
}
