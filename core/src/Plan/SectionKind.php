<?php

declare(strict_types=1);

namespace KindChair\Plan;

enum SectionKind: string
{
    case Arrive = 'arrive';
    case Breathe = 'breathe';
    case Warm = 'warm';
    case HeadToToe = 'head-to-toe';
    case Settle = 'settle';

    public function plainName(): string
    {
        return match ($this) {
            self::Arrive => 'Arrive',
            self::Breathe => 'Breathe',
            self::Warm => 'Warm',
            self::HeadToToe => 'Head to toe',
            self::Settle => 'Settle',
        };
    }
}
