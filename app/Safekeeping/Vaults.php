<?php

declare(strict_types=1);

namespace App\Safekeeping;

use App\Models\Vault;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;

/** Whether a database and a key belong together. */
final class Vaults
{
    /** What is encrypted to know a key again. */
    private const WORD = 'kind-chair';

    public static function found(string $key): Vault
    {
        return Vault::query()->create(['data_id' => (string) Str::uuid(), 'key_check' => DataKey::encrypter($key)->encryptString(self::WORD)]);
    }

    /**
     * Whether everything in a database that is encrypted can be read with a key. A database that says what it was
     * written with is asked; an older one is tried on what was noted about people.
     */
    public static function opens(Connection $database, ?string $key): bool
    {
        $schema = $database->getSchemaBuilder();
        $written = $schema->hasTable('vaults') ? $database->table('vaults')->value('key_check') : null;
        $written ??= $schema->hasTable('participants') ? $database->table('participants')->value('health') : null;
        if ($written === null) {
            return true;
        }
        try {
            return $key !== null && DataKey::encrypter($key)->decryptString($written) !== '';
        } catch (DecryptException | BadKey) {
            return false;
        }
    }
}
