<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** From where a figure is seen, and how the teacher turns to show a movement. */
enum View: string
{
    case Front = 'front';
    case Side = 'side';
}
