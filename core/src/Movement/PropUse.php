<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What a prop does for a movement. */
enum PropUse: string
{
    /** The shape becomes smaller, because something comes to meet it. */
    case Reach = 'reach';
    /** A part of the body lies on it. */
    case Carry = 'carry';
    /** The floor, or the seat, comes higher. */
    case Lift = 'lift';
    /** A hand or the chair stands firmer. */
    case Steady = 'steady';
    /** Something to work against. */
    case Resist = 'resist';
    /** It tells where the body is. */
    case Remind = 'remind';
    case Warm = 'warm';

    /** Whether it can make possible what was too much. */
    public function eases(): bool
    {
        return in_array($this, [self::Reach, self::Carry, self::Lift, self::Steady], true);
    }

    public function plainName(): string
    {
        return match ($this) {
            self::Reach => 'a shorter way',
            self::Carry => 'carried',
            self::Lift => 'a higher floor',
            self::Steady => 'steadier',
            self::Resist => 'something to work against',
            self::Remind => 'a reminder',
            self::Warm => 'warm',
        };
    }
}
