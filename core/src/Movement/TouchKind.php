<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** How a hand works on skin. */
enum TouchKind: string
{
    case Rub = 'rub';
    case Pat = 'pat';
    case Press = 'press';
}
