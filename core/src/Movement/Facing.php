<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** How the teacher turns to show a movement. */
enum Facing: string
{
    case Front = 'front';
    case Side = 'side';
}
