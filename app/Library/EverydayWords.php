<?php

declare(strict_types=1);

namespace App\Library;

/**
 * What people call things besides their names, and what they want a class for (core/data/everyday-words.json).
 *
 * @phpstan-type Purpose array{id: string, name: string, serves: string, words: list<string>, movements: list<string>}
 */
final class EverydayWords
{
    /** @var array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>, purposes: list<Purpose>}|null */
    private static ?array $words = null;

    /** @return list<string> */
    public static function ofPrecaution(string $code): array
    {
        return self::all()['precautions'][$code] ?? [];
    }

    /** @return list<string> */
    public static function ofMovement(string $id): array
    {
        return self::all()['movements'][$id] ?? [];
    }

    /** @return list<list<string>> words that mean the same */
    public static function same(): array
    {
        return self::all()['same'];
    }

    /** @return list<Purpose> */
    public static function purposes(): array
    {
        return self::all()['purposes'];
    }

    /** @return list<Purpose> those that a movement serves */
    public static function purposesOf(string $id): array
    {
        return array_values(array_filter(self::purposes(), static fn (array $purpose): bool => in_array($id, $purpose['movements'], true)));
    }

    /** @return array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>, purposes: list<Purpose>} */
    public static function all(): array
    {
        /** @var array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>, purposes: list<Purpose>} */
        return self::$words ??= (array) json_decode((string) file_get_contents(base_path('core/data/everyday-words.json')), true, 8, JSON_THROW_ON_ERROR);
    }
}
