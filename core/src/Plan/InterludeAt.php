<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** Between which ways of a movement an interlude stands. */
enum InterludeAt: string
{
    case Sides = 'sides';
    case Directions = 'directions';
    case Crossings = 'crossings';
}
