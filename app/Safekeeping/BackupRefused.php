<?php

declare(strict_types=1);

namespace App\Safekeeping;

use RuntimeException;

/** Why a backup was not made or not brought back, in words for the teacher. Nothing was changed. */
final class BackupRefused extends RuntimeException
{
    public static function noBackup(string $file): self
    {
        return new self("$file is no backup of Kind Chair, or only a part of one.");
    }

    public static function damaged(string $file): self
    {
        return new self("$file is damaged: it cannot be read to its end. Please take another copy or an earlier backup.");
    }

    public static function needsPassphrase(): self
    {
        return new self('This backup opens with its passphrase. Please give the one that was set when it was made.');
    }

    public static function wrongPassphrase(): self
    {
        return new self('This passphrase does not open this backup. Please try once more; capitals and spaces count.');
    }

    public static function onlyKey(string $fingerprint): self
    {
        return new self("This backup was made before a passphrase was set. It opens only with its own key (known as $fingerprint): put that kind-chair.key into the data folder first.");
    }

    public static function newer(string $migration): self
    {
        return new self("This backup was made by a newer version of Kind Chair (it knows of $migration). Please install that version first.");
    }

    public static function broken(string $what): self
    {
        return new self("The database in this backup is not whole: $what. Please take another copy or an earlier backup.");
    }

    public static function unreadable(string $table): self
    {
        return new self("The key in this backup does not read its notes ($table). Please take another copy or an earlier backup.");
    }

    public static function cannotWrite(string $file): self
    {
        return new self("$file cannot be written. Please check that the folder is yours and that the disk is not full.");
    }
}
