<?php

declare(strict_types=1);

namespace KindChair\Place;

/** A wall of a room, as the teacher sees it from the front. */
enum Wall: string
{
    case Front = 'front';
    case Back = 'back';
    case Left = 'left';
    case Right = 'right';

    /** Whether it runs along the width of the room. */
    public function runsAcross(): bool
    {
        return $this === self::Front || $this === self::Back;
    }
}
