<?php

declare(strict_types=1);

namespace App\Craft;

use KindChair\Format\Craft;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use RuntimeException;

/** Reads the shipped craft from core/data. */
final class ShippedCraft
{
    public static function load(): Craft
    {
        $data = dirname(__DIR__, 2) . '/core/data';
        $readers = [];
        foreach (glob("$data/movements/*.json") ?: [] as $file) {
            $readers[basename($file, '.json')] = static fn (): Movement => MovementReader::read(Node::root(self::decoded($file)));
        }

        return Craft::of(
            MovementLibrary::reading($readers),
            self::decoded("$data/precautions.json"),
            self::decoded("$data/ranges.json"),
            self::decoded("$data/patterns.json"),
            self::decoded("$data/change-overs.json"),
        );
    }

    /** @return array<array-key, mixed> */
    private static function decoded(string $file): array
    {
        $json = file_get_contents($file);
        $data = $json === false ? null : json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("The craft file $file cannot be read.");
    }
}
