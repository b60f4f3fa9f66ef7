<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** What is different each time a set is done. */
enum SetChange: string
{
    case Crossing = 'crossing';
    case FirstSide = 'first-side';
    /** A rung further each time, up to the one that is planned. */
    case Variation = 'variation';
}
