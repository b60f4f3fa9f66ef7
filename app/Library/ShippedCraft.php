<?php

declare(strict_types=1);

namespace App\Library;

use KindChair\Demand\Ask;
use KindChair\Demand\DemandBook;
use KindChair\Format\Craft;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementLibrary;
use RuntimeException;

/**
 * Reads the shipped craft from core/data, once for each state of the core: what was read is written down as a PHP
 * file, which the opcode cache keeps in memory, and a movement is unpacked when it is first asked for.
 */
final class ShippedCraft
{
    /** @var array<string, array{craft: string, regions: array<string, string|null>, movements: array<string, string>, asks: array<string, array<string, string>>}> by file */
    private static array $open = [];

    public static function load(): Craft
    {
        $file = self::shelf() . '/craft-' . DerivedCache::stamp() . '.php';
        $packed = self::$open[$file] ??= is_file($file) ? require $file : self::pack($file);
        $readers = [];
        foreach ($packed['movements'] as $id => $movement) {
            $readers[$id] = static fn (): Movement => unserialize($movement);
        }
        /** @var Craft $craft */
        $craft = unserialize($packed['craft']);

        $asks = static function (string $id, string $rung) use ($packed): ?array {
            /** @var list<Ask>|null $asks */
            $asks = isset($packed['asks'][$id][$rung]) ? unserialize($packed['asks'][$id][$rung]) : null;

            return $asks;
        };

        return $craft->withLibrary(MovementLibrary::reading($readers, $packed['regions']), new DemandBook($asks));
    }

    /** @return array<string, mixed>|null the open form of a shipped movement */
    public static function document(string $id): ?array
    {
        $file = self::data() . "/movements/$id.json";

        /** @var array<string, mixed>|null */
        return preg_match('/^[a-z0-9-]+$/', $id) === 1 && is_file($file) ? self::decoded($file) : null;
    }

    /** @return array{craft: string, regions: array<string, string|null>, movements: array<string, string>, asks: array<string, array<string, string>>} */
    private static function pack(string $file): array
    {
        $data = self::data();
        $craft = Craft::of(
            MovementLibrary::of([]),
            self::decoded("$data/precautions.json"),
            self::decoded("$data/ranges.json"),
            self::decoded("$data/patterns.json"),
            self::decoded("$data/change-overs.json"),
        );
        $packed = ['craft' => serialize($craft), 'regions' => [], 'movements' => [], 'asks' => []];
        foreach (glob("$data/movements/*.json") ?: [] as $source) {
            $movement = MovementReader::read(Node::root(self::decoded($source)), $craft->ranges);
            $packed['regions'][$movement->id] = $movement->mainRegion()?->value;
            $packed['movements'][$movement->id] = serialize($movement);
            $packed['asks'][$movement->id] = array_map(serialize(...), DemandBook::all($movement));
        }
        array_map('unlink', glob(dirname($file) . '/craft-*.php') ?: []);
        $half = "$file." . getmypid();
        file_put_contents($half, '<?php return ' . var_export($packed, true) . ';');
        rename($half, $file);

        return $packed;
    }

    /** Where what was worked out of the shipped movements is kept: with the program, for it holds nothing of anybody's, or with the data where that is closed. */
    private static function shelf(): string
    {
        $shared = base_path('storage/framework/cache');

        return is_dir($shared) && is_writable($shared) ? $shared : storage_path('framework/cache');
    }

    private static function data(): string
    {
        return dirname(__DIR__, 2) . '/core/data';
    }

    /** @return array<array-key, mixed> */
    private static function decoded(string $file): array
    {
        $json = file_get_contents($file);
        $data = $json === false ? null : json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("The craft file $file cannot be read.");
    }
}
