<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** How long a shape is held. Source: schools of practice; ACSM, static stretches of 10 to 30 seconds, older adults 30 to 60. */
enum HoldSchool: string
{
    case Usual = 'usual';
    case Short = 'short';
    case Older = 'older';
    case Long = 'long';
    case Moving = 'moving';

    /** Tenths of a second that one side is held at least. */
    public function least(): int
    {
        return match ($this) {
            self::Usual, self::Short, self::Moving => 100,
            self::Older => 300,
            self::Long => 600,
        };
    }

    /** Tenths of a second that one side is held at most; null where that is left open. */
    public function most(): ?int
    {
        return match ($this) {
            self::Usual, self::Moving => null,
            self::Short => 300,
            self::Older => 600,
            self::Long => 1200,
        };
    }

    /** Whether the seconds are the school's own, and not those that are written for each movement. */
    public function hasOwnLength(): bool
    {
        return $this->most() !== null;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Usual => 'three to five breaths',
            self::Short => '10 to 30 seconds',
            self::Older => '30 to 60 seconds',
            self::Long => 'a minute or two',
            self::Moving => 'not at all: you keep moving',
        };
    }
}
