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
        $files = [];
        foreach (glob("$data/movements/*.json") ?: [] as $file) {
            $files[basename($file, '.json')] = $file;
        }
        $readers = [];
        foreach ($files as $id => $file) {
            $readers[$id] = static fn (): Movement => Kept::of("movement:$id", static fn (): Movement => MovementReader::read(Node::root(self::decoded($file))));
        }
        $regions = Kept::of('regions', static fn (): array => array_map(static fn (string $file): ?string => self::decoded($file)['regions'][0] ?? null, $files));

        return Craft::of(
            MovementLibrary::reading($readers, $regions),
            self::decoded("$data/precautions.json"),
            self::decoded("$data/ranges.json"),
            self::decoded("$data/patterns.json"),
            self::decoded("$data/change-overs.json"),
        );
    }

    /**
     * @return array<string, mixed>|null the open form of a shipped movement
     */
    public static function document(string $id): ?array
    {
        $file = dirname(__DIR__, 2) . "/core/data/movements/$id.json";

        /** @var array<string, mixed>|null */
        return preg_match('/^[a-z0-9-]+$/', $id) === 1 && is_file($file) ? self::decoded($file) : null;
    }

    /** @return array<array-key, mixed> */
    private static function decoded(string $file): array
    {
        $json = file_get_contents($file);
        $data = $json === false ? null : json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("The craft file $file cannot be read.");
    }
}
