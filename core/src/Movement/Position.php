<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** How the main group sits for a variation; moving between positions takes time. */
enum Position: string
{
    case Supported = 'supported';
    case Upright = 'upright';
    case Edge = 'edge';
    case Wide = 'wide';
    case Sideways = 'sideways';
    case Standing = 'standing';
    case BedRaised = 'bed-raised';
    case BedFlat = 'bed-flat';
}
