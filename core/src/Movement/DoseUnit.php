<?php

declare(strict_types=1);

namespace KindChair\Movement;

enum DoseUnit: string
{
    case Repetitions = 'repetitions';
    case Breaths = 'breaths';
    case Seconds = 'seconds';
}
