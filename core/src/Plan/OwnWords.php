<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Movement\Cue;

/** The teacher's own words for an entry, in place of the movement's. */
final readonly class OwnWords
{
    /** @param array<string, Cue> $cues by step id */
    public function __construct(public ?string $introduction = null, public array $cues = [])
    {
    }
}
