<?php

declare(strict_types=1);

namespace App\Safekeeping;

use JsonException;
use SodiumException;

/**
 * One encrypted file with a database and its key: a line that says what it is, a line of JSON about how it opens, and
 * then a stream (XChaCha20-Poly1305, libsodium's secretstream) of the compressed contents. A broken or shortened file
 * does not open. The file's own key is wrapped by the data's key, and by the passphrase when one is set.
 *
 * @phpstan-type Head array{madeAt: string, dataId: string, key: string, byKey: string, salt: string|null, byPassphrase: string|null}
 */
final class BackupFile
{
    private const FIRST_LINE = "KIND-CHAIR-BACKUP 1\n";
    private const CHUNK = 65536;

    /** @throws BackupRefused when it cannot be written */
    public static function write(string $file, string $database, string $key, string $madeAt, string $dataId, ?string $salt, ?string $public): void
    {
        $secret = sodium_crypto_secretstream_xchacha20poly1305_keygen();
        $head = json_encode([
            'madeAt' => $madeAt,
            'dataId' => $dataId,
            'key' => DataKey::fingerprint($key),
            'byKey' => DataKey::encrypter($key)->encryptString($secret),
            'salt' => $salt,
            'byPassphrase' => $public === null ? null : Passphrase::seal($secret, $public),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $out = @fopen("$file.part", 'wb') ?: throw BackupRefused::cannotWrite($file);
        $in = fopen($database, 'rb') ?: throw BackupRefused::cannotWrite($file);
        [$state, $header] = sodium_crypto_secretstream_xchacha20poly1305_init_push($secret);
        $isWritten = fwrite($out, self::FIRST_LINE . $head . "\n" . $header) !== false;
        $packer = deflate_init(ZLIB_ENCODING_GZIP);
        assert($packer !== false);
        $waiting = deflate_add($packer, json_encode(['key' => $key], JSON_THROW_ON_ERROR) . "\n", ZLIB_NO_FLUSH);
        do {
            $piece = (string) fread($in, self::CHUNK);
            $isLast = feof($in);
            $waiting .= deflate_add($packer, $piece, $isLast ? ZLIB_FINISH : ZLIB_NO_FLUSH);
            while (strlen($waiting) > self::CHUNK) {
                $isWritten = $isWritten && self::push($out, $state, substr($waiting, 0, self::CHUNK), $head, false);
                $waiting = substr($waiting, self::CHUNK);
            }
        } while (!$isLast);
        $isWritten = $isWritten && self::push($out, $state, $waiting, $head, true) && fflush($out) && fsync($out);
        fclose($in);
        fclose($out);
        if (!$isWritten || !rename("$file.part", $file)) {
            @unlink("$file.part");
            throw BackupRefused::cannotWrite($file);
        }
    }

    /**
     * @return Head
     * @throws BackupRefused when it is no backup
     */
    public static function head(string $file): array
    {
        $in = is_file($file) ? @fopen($file, 'rb') : false;
        $first = $in === false ? '' : fgets($in);
        $line = $in === false ? '' : fgets($in);
        if ($in !== false) {
            fclose($in);
        }
        if ($first !== self::FIRST_LINE || $line === false) {
            throw BackupRefused::noBackup($file);
        }
        try {
            /** @var Head */
            return json_decode($line, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BackupRefused::noBackup($file);
        }
    }

    /**
     * Decrypts a backup into a database file.
     *
     * @return string the key that was in it
     * @throws BackupRefused when it does not open, or not to its end
     */
    public static function unpack(string $file, string $secret, string $database): string
    {
        $in = fopen($file, 'rb') ?: throw BackupRefused::noBackup($file);
        $out = @fopen($database, 'wb') ?: throw BackupRefused::cannotWrite($database);
        fgets($in);
        $head = rtrim((string) fgets($in), "\n");
        $unpacker = inflate_init(ZLIB_ENCODING_GZIP);
        assert($unpacker !== false);
        $key = null;
        $start = '';
        try {
            $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull((string) fread($in, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES), $secret);
            do {
                $piece = (string) fread($in, self::CHUNK + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
                $pulled = $piece === '' ? false : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece, $head);
                $plain = $pulled === false ? false : @inflate_add($unpacker, $pulled[0]);
                if ($pulled === false || $plain === false) {
                    throw BackupRefused::damaged($file);
                }
                if ($key === null) {
                    $start .= $plain;
                    $end = strpos($start, "\n");
                    if ($end === false) {
                        continue;
                    }
                    $key = json_decode(substr($start, 0, $end), true)['key'] ?? throw BackupRefused::damaged($file);
                    $plain = substr($start, $end + 1);
                }
                if (fwrite($out, $plain) === false) {
                    throw BackupRefused::cannotWrite($database);
                }
            } while ($pulled[1] !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL);
        } catch (SodiumException) {
            throw BackupRefused::damaged($file);
        } finally {
            fclose($in);
            fclose($out);
        }

        return $key ?? throw BackupRefused::damaged($file);
    }

    /** @param resource $out */
    private static function push($out, string &$state, string $piece, string $head, bool $isLast): bool
    {
        $tag = $isLast ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;

        return fwrite($out, sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, $head, $tag)) !== false;
    }
}
