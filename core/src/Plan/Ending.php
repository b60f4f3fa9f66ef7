<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** How a class ends. Source: schools of practice. */
enum Ending: string
{
    case Stillness = 'stillness';
    case Check = 'check';
    case Thanks = 'thanks';

    /** The id of the practice with which it ends where nothing else is chosen. */
    public function practice(): string
    {
        return $this->practices()[0];
    }

    /** @return non-empty-list<string> ids of all that end a class so */
    public function practices(): array
    {
        return match ($this) {
            self::Stillness => ['quiet-sitting', 'longer-out-breath', 'light-head-to-toe', 'count-down', 'word-pair', 'thankful-picture', 'notice-breath'],
            self::Check => ['compare', 'self-check'],
            self::Thanks => ['palms-close'],
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Stillness => 'in stillness',
            self::Check => 'by comparing with the start',
            self::Thanks => 'with thanks',
        };
    }
}
