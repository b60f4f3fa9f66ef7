<?php

declare(strict_types=1);

namespace KindChair\Fit;

/** How someone takes part in one movement. */
enum Mark: string
{
    case Fully = 'fully';
    case Adapted = 'adapted';
    case Rests = 'rests';
    case None = 'none';
}
