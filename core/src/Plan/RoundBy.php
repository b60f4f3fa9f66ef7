<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** What the two halves of a round differ in. */
enum RoundBy: string
{
    case Side = 'side';
    case Direction = 'direction';
    case Crossing = 'crossing';
}
