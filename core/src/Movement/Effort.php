<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What works against something. */
enum Effort: string
{
    case Press = 'press';
    case Squeeze = 'squeeze';
    case Lift = 'lift';
    case Grip = 'grip';
    case HeadPress = 'head-press';
}
