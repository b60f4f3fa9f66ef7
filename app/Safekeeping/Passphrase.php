<?php

declare(strict_types=1);

namespace App\Safekeeping;

use SodiumException;

/**
 * The passphrase that opens backups. Only its public half is stored: with it backups are closed day by day without
 * anybody typing, and what is stored opens none of them.
 */
final class Passphrase
{
    public const LEAST = 12;

    /** @return array{salt: string, public: string} base64, to be stored */
    public static function set(string $words): array
    {
        $salt = random_bytes(SODIUM_CRYPTO_PWHASH_SALTBYTES);

        return ['salt' => base64_encode($salt), 'public' => base64_encode(sodium_crypto_box_publickey(self::pair($words, $salt)))];
    }

    /** @return string what only the passphrase opens; base64 */
    public static function seal(string $secret, string $public): string
    {
        return base64_encode(sodium_crypto_box_seal($secret, (string) base64_decode($public, true)));
    }

    /** @return string|null the secret; null when these words do not open it */
    public static function open(string $sealed, string $words, string $salt): ?string
    {
        try {
            $secret = sodium_crypto_box_seal_open((string) base64_decode($sealed, true), self::pair($words, (string) base64_decode($salt, true)));
        } catch (SodiumException) {
            return null;
        }

        return $secret === false ? null : $secret;
    }

    /** Slow on purpose (Argon2id, moderate limits), so that words cannot be guessed by the million. */
    private static function pair(string $words, string $salt): string
    {
        $seed = sodium_crypto_pwhash(
            SODIUM_CRYPTO_BOX_SEEDBYTES,
            $words,
            $salt,
            SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE,
            SODIUM_CRYPTO_PWHASH_MEMLIMIT_MODERATE,
            SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
        );

        return sodium_crypto_box_seed_keypair($seed);
    }
}
