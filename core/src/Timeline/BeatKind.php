<?php

declare(strict_types=1);

namespace KindChair\Timeline;

enum BeatKind: string
{
    case SetUp = 'set-up';
    /** The first ones go slowly while the teacher speaks. */
    case Teach = 'teach';
    case Enter = 'enter';
    case Cycle = 'cycle';
    case Leave = 'leave';
    case Change = 'change';
    /** Something small between two ways. */
    case Interlude = 'interlude';
    case Rest = 'rest';

    /** Whether its seconds count towards a side. Introductions, changes and rests count to neither. */
    public function counts(): bool
    {
        return in_array($this, [self::Enter, self::Cycle, self::Leave], true);
    }
}
