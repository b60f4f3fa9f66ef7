<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What a movement mostly does; it decides how its effort is reckoned. */
enum MovementKind: string
{
    case Breath = 'breath';
    case Mobilise = 'mobilise';
    case Hold = 'hold';
    case Strength = 'strength';
}
