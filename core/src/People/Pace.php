<?php

declare(strict_types=1);

namespace KindChair\People;

/** How quickly someone changes position. Source: planning defaults. */
enum Pace: string
{
    case Free = 'free';
    case Slow = 'slow';
    case NeedsHand = 'needs-hand';

    public function factor(): float
    {
        return match ($this) {
            self::Free => 1.0,
            self::Slow => 1.3,
            self::NeedsHand => 1.6,
        };
    }
}
