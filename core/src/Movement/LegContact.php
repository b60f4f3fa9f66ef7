<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What one leg does on the other. */
enum LegContact: string
{
    case AnkleOnThigh = 'ankle-on-thigh';
    case AnkleOnShin = 'ankle-on-shin';
    case AnklesCrossed = 'ankles-crossed';
    case ThighsCrossed = 'thighs-crossed';
}
