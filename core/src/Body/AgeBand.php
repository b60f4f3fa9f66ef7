<?php

declare(strict_types=1);

namespace KindChair\Body;

enum AgeBand: string
{
    case Adult = 'adult';
    case Sixties = '60-69';
    case Seventies = '70-79';
    case Eighties = '80+';
}
