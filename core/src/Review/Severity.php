<?php

declare(strict_types=1);

namespace KindChair\Review;

/** How much a finding matters. */
enum Severity: int
{
    /** Someone could be hurt or left out. */
    case Harm = 1;
    /** Something that slipped in: a side that is missing, a cue that does not fit, a class that does not end in time. */
    case Slip = 2;
    /** It could be better. */
    case Idea = 3;

    /** Whether a class is better not led before it is settled. */
    public function isPressing(): bool
    {
        return $this !== self::Idea;
    }
}
