<?php

declare(strict_types=1);

namespace App\Safekeeping;

use RuntimeException;

/** Where one set of data lives: database, key, logs and what is worked out from them. The demo has a folder of its own. */
final class DataFolder
{
    public const DATABASE = 'kind-chair.sqlite';
    /** The settings of a server that runs, its key among them (bin/lib/setup.sh). */
    public const REMEMBERED = 'framework/config.php';
    private const INSIDE = ['framework/cache/data', 'framework/views', 'logs'];

    /** The folder in use: KIND_CHAIR_DATA, or else the teacher's own. */
    public static function path(): string
    {
        return self::given('KIND_CHAIR_DATA') ?? dirname(__DIR__, 2) . '/data/own';
    }

    /** Where the daily backups of this data are kept: beside the data folder, so that losing it does not lose them. */
    public static function backups(): string
    {
        return self::given('KIND_CHAIR_BACKUPS') ?? dirname(storage_path(), 2) . '/backups/' . basename(storage_path());
    }

    /** A folder named in the environment, from the application's own folder on unless it begins at the root. */
    private static function given(string $name): ?string
    {
        $given = rtrim((string) getenv($name), '/');

        return match (true) {
            $given === '' => null,
            $given[0] === '/' => $given,
            default => dirname(__DIR__, 2) . "/$given",
        };
    }

    /**
     * Makes what is missing, readable for its owner alone.
     *
     * @throws RuntimeException when that is not possible
     */
    public static function prepare(string $folder): void
    {
        foreach (self::INSIDE as $inside) {
            if (!is_dir("$folder/$inside") && !@mkdir("$folder/$inside", 0700, true) && !is_dir("$folder/$inside")) {
                throw new RuntimeException("The folder $folder cannot be made or written to. Please check that it is yours and that the disk is not full.");
            }
        }
    }

    /** Closes what an earlier version left readable for others. */
    public static function close(string $folder): void
    {
        @chmod($folder, 0700);
        foreach ([...(glob("$folder/kind-chair.*") ?: []), ...(glob("$folder/logs/*.log") ?: [])] as $file) {
            @chmod($file, 0600);
        }
    }
}
