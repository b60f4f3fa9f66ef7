<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\Side;

/** Whose angle it is, told from the side that is named, so that both sides are written once. */
enum AngleRole: string
{
    case Work = 'work';
    case Other = 'other';
    case Both = 'both';
    case Mid = 'mid';
    case Towards = 'towards';
    case Away = 'away';

    /** @return list<Side|null> the sides it falls on; null for the midline */
    public function sides(Side $named): array
    {
        return match ($this) {
            self::Work, self::Towards => [$named],
            self::Other, self::Away => [$named->other()],
            self::Both => [Side::Left, Side::Right],
            self::Mid => [null],
        };
    }
}
