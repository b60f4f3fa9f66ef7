<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** How neighbouring entries belong together. */
enum GroupKind: string
{
    /** All on one side first, then all on the other. */
    case Round = 'round';
    /** One after the other, all of them several times. */
    case Set = 'set';
    /** Each for the same time, without a pause. */
    case Stations = 'stations';
    /** The same thing for different seats, cued together. */
    case Tracks = 'tracks';
}
