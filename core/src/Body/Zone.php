<?php

declare(strict_types=1);

namespace KindChair\Body;

/** One of the seven parts of the body map, each with its own hue and shape on screen and paper. */
enum Zone: string
{
    case Head = 'head';
    case Shoulders = 'shoulders';
    case Arms = 'arms';
    case Back = 'back';
    case Hips = 'hips';
    case Legs = 'legs';
    case Feet = 'feet';

    public function plainName(): string
    {
        return match ($this) {
            self::Head => 'Head, neck',
            self::Shoulders => 'Shoulders',
            self::Arms => 'Arms, hands',
            self::Back => 'Ribs, spine',
            self::Hips => 'Hips',
            self::Legs => 'Legs, knees',
            self::Feet => 'Ankles, feet',
        };
    }
}
