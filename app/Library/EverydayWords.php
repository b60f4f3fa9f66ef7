<?php

declare(strict_types=1);

namespace App\Library;

/** What people call things besides their names (core/data/everyday-words.json). */
final class EverydayWords
{
    /** @var array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>}|null */
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

    /** @return array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>} */
    public static function all(): array
    {
        /** @var array{precautions: array<string, list<string>>, movements: array<string, list<string>>, same: list<list<string>>} */
        return self::$words ??= (array) json_decode((string) file_get_contents(base_path('core/data/everyday-words.json')), true, 8, JSON_THROW_ON_ERROR);
    }
}
