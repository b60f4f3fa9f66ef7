<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Env;

/**
 * The key that health notes are encrypted with. It lies beside the database it belongs to, so that one is never moved,
 * saved or lost without the other; APP_KEY in the environment goes before it.
 */
final class DataKey
{
    public const FILE = 'kind-chair.key';
    private const CIPHER = 'aes-256-cbc';

    /** The key in use as text ("base64:..."); null when none has been made yet. */
    public static function current(): ?string
    {
        // Asked for while the configuration is being read.
        $given = Env::get('APP_KEY');

        return is_string($given) && $given !== '' ? $given : self::in(storage_path());
    }

    /** The key in a data folder; null when there is none. */
    public static function in(string $folder): ?string
    {
        $file = $folder . '/' . self::FILE;
        $text = is_file($file) ? trim((string) file_get_contents($file)) : '';

        return $text === '' ? null : $text;
    }

    /** Makes a key for a new data folder and stores it there for its owner alone. */
    public static function make(string $folder): string
    {
        $text = 'base64:' . base64_encode(Encrypter::generateKey(self::CIPHER));
        self::write($folder, $text);

        return $text;
    }

    /** @throws BadKey when the folder cannot be written to */
    public static function write(string $folder, string $text): void
    {
        $file = $folder . '/' . self::FILE;
        if (file_put_contents($file, "$text\n") === false) {
            throw BadKey::notWritable($file);
        }
        chmod($file, 0600);
    }

    /** @throws BadKey when the text is no key of 32 bytes */
    public static function bytes(string $text): string
    {
        $bytes = str_starts_with($text, 'base64:') ? base64_decode(substr($text, 7), true) : $text;
        if (!is_string($bytes) || strlen($bytes) !== 32) {
            throw BadKey::notThirtyTwoBytes();
        }

        return $bytes;
    }

    public static function encrypter(string $text): Encrypter
    {
        return new Encrypter(self::bytes($text), self::CIPHER);
    }

    /** Eight letters that tell keys apart without telling a key. */
    public static function fingerprint(?string $text): string
    {
        return substr(hash('sha256', 'kind-chair:' . ($text ?? '')), 0, 8);
    }
}
