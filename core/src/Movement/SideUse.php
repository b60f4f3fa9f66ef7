<?php

declare(strict_types=1);

namespace KindChair\Movement;

enum SideUse: string
{
    case Midline = 'midline';
    case Together = 'together';
    case OneSided = 'one-sided';
    case Alternating = 'alternating';
}
