<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\SQLiteConnection;
use PDO;
use Throwable;

/** Brings a backup back. Everything in it is proved before anything that is there is moved, and nothing is deleted. */
final class Restore
{
    /** What is encrypted at rest, by table. */
    private const ENCRYPTED = [
        'participants' => ['health'],
        'readiness_checks' => ['answers'],
        'version_choices' => ['choice'],
        'led_classes' => ['note'],
        'done_versions' => ['version'],
    ];

    /** @param string $migrations the folder of the migrations that this version knows */
    public function __construct(private readonly string $migrations)
    {
    }

    /** Whether the key that lies in a data folder opens a backup, so that no passphrase is needed. */
    public static function opensWithKey(string $file, string $folder): bool
    {
        return self::secretByKey(BackupFile::head($file), $folder) !== null;
    }

    /**
     * Unpacks a backup beside a data folder, proves it, and puts it in its place.
     *
     * @return array{madeAt: string, teachers: int, people: int, classes: int, notes: int, kept: string|null} what is in it, and where what was there before went
     * @throws BackupRefused when something is not as it must be; the data folder is as it was
     */
    public function into(string $folder, string $file, ?string $passphrase): array
    {
        $head = BackupFile::head($file);
        $secret = self::secretByKey($head, $folder) ?? self::secretByPassphrase($head, $passphrase);
        $half = "$folder/restoring-" . bin2hex(random_bytes(4));
        if (!@mkdir($half, 0700, true)) {
            throw BackupRefused::cannotWrite($half);
        }
        try {
            $database = "$half/" . DataFolder::DATABASE;
            $key = BackupFile::unpack($file, $secret, $database);
            $found = $this->prove($database, $key);
            DataKey::write($half, $key);
            $kept = self::moveAway($folder);
            // A server that was not stopped remembers the key of what was here.
            @unlink("$folder/" . DataFolder::REMEMBERED);
            rename($database, "$folder/" . DataFolder::DATABASE);
            rename("$half/" . DataKey::FILE, "$folder/" . DataKey::FILE);
        } finally {
            array_map(unlink(...), glob("$half/*") ?: []);
            rmdir($half);
        }

        return ['madeAt' => $head['madeAt'], ...$found, 'kept' => $kept];
    }

    /** @return array{teachers: int, people: int, classes: int, notes: int} */
    private function prove(string $database, string $key): array
    {
        $connection = new SQLiteConnection(new PDO("sqlite:$database"), $database);
        try {
            $whole = $connection->selectOne('pragma integrity_check')->integrity_check;
            $loose = count($connection->select('pragma foreign_key_check'));
            $known = array_map(static fn (string $file): string => basename($file, '.php'), glob("$this->migrations/*.php") ?: []);
            $foreign = array_values(array_diff($connection->table('migrations')->pluck('migration')->all(), $known));
            $opens = Vaults::opens($connection, $key);
        } catch (Throwable $unreadable) {
            throw BackupRefused::broken($unreadable->getMessage());
        }
        if ($foreign !== []) {
            throw BackupRefused::newer($foreign[0]);
        }
        if ($whole !== 'ok' || $loose > 0) {
            throw BackupRefused::broken($whole !== 'ok' ? $whole : "$loose rows point to nothing");
        }
        if (!$opens) {
            throw BackupRefused::unreadable('key');
        }

        return [
            'teachers' => $connection->table('users')->count(),
            'people' => $connection->table('participants')->count(),
            'classes' => $connection->table('seated_classes')->count(),
            'notes' => self::readable($connection, $key),
        ];
    }

    /** Reads every encrypted field with the key and counts them. */
    private static function readable(SQLiteConnection $connection, string $key): int
    {
        $encrypter = DataKey::encrypter($key);
        $count = 0;
        foreach (self::ENCRYPTED as $table => $columns) {
            foreach ($connection->getSchemaBuilder()->hasTable($table) ? $columns : [] as $column) {
                foreach ($connection->table($table)->whereNotNull($column)->pluck($column) as $field) {
                    try {
                        $encrypter->decryptString($field);
                        ++$count;
                    } catch (DecryptException) {
                        throw BackupRefused::unreadable($table);
                    }
                }
            }
        }

        return $count;
    }

    /** @return string|null the folder to which what was there has gone; null when there was nothing */
    private static function moveAway(string $folder): ?string
    {
        $there = array_filter([...(glob("$folder/" . DataFolder::DATABASE . '*') ?: []), "$folder/" . DataKey::FILE], is_file(...));
        if ($there === []) {
            return null;
        }
        $kept = "$folder/before-restore-" . date('Y-m-d-His');
        for ($try = 2; is_dir($kept); ++$try) {
            $kept = "$folder/before-restore-" . date('Y-m-d-His') . "-$try";
        }
        if (!@mkdir($kept, 0700)) {
            throw BackupRefused::cannotWrite($kept);
        }
        foreach ($there as $file) {
            rename($file, "$kept/" . basename($file));
        }

        return $kept;
    }

    /** @param array{byKey: string, ...} $head */
    private static function secretByKey(array $head, string $folder): ?string
    {
        $key = DataKey::in($folder);
        try {
            return $key === null ? null : DataKey::encrypter($key)->decryptString($head['byKey']);
        } catch (DecryptException | BadKey) {
            return null;
        }
    }

    /** @param array{key: string, salt: string|null, byPassphrase: string|null, ...} $head */
    private static function secretByPassphrase(array $head, ?string $passphrase): string
    {
        if ($head['byPassphrase'] === null || $head['salt'] === null) {
            throw BackupRefused::onlyKey($head['key']);
        }
        if ($passphrase === null || $passphrase === '') {
            throw BackupRefused::needsPassphrase();
        }

        return Passphrase::open($head['byPassphrase'], $passphrase, $head['salt']) ?? throw BackupRefused::wrongPassphrase();
    }
}
