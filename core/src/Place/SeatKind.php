<?php

declare(strict_types=1);

namespace KindChair\Place;

use KindChair\Movement\Base;

/** What stands in a room for one person. Millimetres. Source: room (rules of the craft), after accessible-building guides. */
enum SeatKind: string
{
    case Chair = 'chair';
    case Wheelchair = 'wheelchair';
    case Bed = 'bed';

    public static function for(Base $base): self
    {
        return match ($base) {
            Base::Wheelchair => self::Wheelchair,
            Base::Bed => self::Bed,
            default => self::Chair,
        };
    }

    public function width(): int
    {
        return match ($this) {
            self::Chair => 600,
            self::Wheelchair => 900,
            self::Bed => 1000,
        };
    }

    public function depth(): int
    {
        return match ($this) {
            self::Chair => 600,
            self::Wheelchair => 1400,
            self::Bed => 2100,
        };
    }
}
