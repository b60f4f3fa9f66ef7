<?php

declare(strict_types=1);

namespace KindChair\Movement;

enum Phase: string
{
    case Enter = 'enter';
    case Cycle = 'cycle';
    case Leave = 'leave';
}
