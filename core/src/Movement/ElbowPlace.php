<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Where an elbow lies, so that it carries the arm. */
enum ElbowPlace: string
{
    case Armrest = 'armrest';
    /** Beside the body, in bed. */
    case Mattress = 'mattress';
    /** On a cushion in the lap. */
    case Cushion = 'cushion';
    /** On a table or tray before the seat. */
    case Table = 'table';
}
