<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What this database is: its id, a word by which the key it is written with is known again, and the public half of
 * the passphrase that opens its backups. One row.
 *
 * @property string $data_id
 * @property string $key_check
 * @property string|null $passphrase_salt
 * @property string|null $passphrase_public
 */
final class Vault extends Record
{
    protected $fillable = ['data_id', 'key_check', 'passphrase_salt', 'passphrase_public'];

    public static function here(): self
    {
        return self::query()->firstOrFail();
    }

    public function hasPassphrase(): bool
    {
        return $this->passphrase_public !== null;
    }
}
