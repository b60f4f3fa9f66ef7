<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Movement\Position;

/** How people sit on a chair. Whoever needs the backrest keeps it in every school. Source: schools of practice. */
enum SittingSchool: string
{
    case ByMovement = 'by-movement';
    case Supported = 'supported';
    case Forward = 'forward';

    /** Whether a place on the chair goes against it. */
    public function forbids(Position $place): bool
    {
        return match ($this) {
            self::ByMovement => false,
            self::Supported => in_array($place, [Position::Edge, Position::Wide, Position::Sideways], true),
            self::Forward => $place === Position::Supported,
        };
    }
}
