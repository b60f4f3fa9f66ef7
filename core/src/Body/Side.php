<?php

declare(strict_types=1);

namespace KindChair\Body;

/** Left or right of the participant, never of the teacher who faces them. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    public function other(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }
}
