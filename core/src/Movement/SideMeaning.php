<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What "left" means for a movement that has sides. */
enum SideMeaning: string
{
    case Limb = 'limb';
    case Direction = 'direction';
    case Lengthened = 'lengthened';
    case InFront = 'in-front';
}
