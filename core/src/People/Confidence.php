<?php

declare(strict_types=1);

namespace KindChair\People;

/** How sure the sources of a precaution are. */
enum Confidence: string
{
    case Low = 'low';
    case Medium = 'medium';
    case High = 'high';
}
