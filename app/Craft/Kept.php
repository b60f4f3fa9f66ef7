<?php

declare(strict_types=1);

namespace App\Craft;

use Closure;
use FilesystemIterator;
use Illuminate\Support\Facades\Cache;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What was worked out from the core once and is kept until a file of the core changes. */
final class Kept
{
    /** Seconds. */
    private const LOOK_AGAIN = 3;

    private static ?string $stamp = null;

    /**
     * @template T
     * @param Closure(): T $make
     * @return T
     */
    public static function of(string $name, Closure $make): mixed
    {
        return Cache::rememberForever($name . ':' . self::stamp(), $make);
    }

    /** Changes with any file of the core; looked at anew every few seconds. */
    public static function stamp(): string
    {
        return self::$stamp ??= Cache::remember('core-stamp', self::LOOK_AGAIN, self::look(...));
    }

    private static function look(): string
    {
        $newest = $count = 0;
        foreach (['src', 'data'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path("core/$folder"), FilesystemIterator::SKIP_DOTS)) as $file) {
                $newest = max($newest, $file->getMTime());
                ++$count;
            }
        }

        return "$newest-$count";
    }
}
