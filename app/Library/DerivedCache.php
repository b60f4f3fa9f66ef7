<?php

declare(strict_types=1);

namespace App\Library;

use Closure;
use FilesystemIterator;
use Illuminate\Support\Facades\Cache;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * What was worked out once and is kept until what it was worked out from changes. One place for each name: what is
 * worked out anew takes the place of what was there, so nothing old stays behind.
 */
final class DerivedCache
{
    /** Seconds. */
    private const LOOK_AGAIN = 3;

    private static ?string $stamp = null;

    /**
     * @template T
     * @param string $name of the place; begins with the owner wherever a teacher's own data is in it
     * @param string $from changes with what it is worked out from, besides the core
     * @param Closure(): T $make
     * @return T
     */
    public static function of(string $name, string $from, Closure $make): mixed
    {
        $stamp = self::stamp() . ':' . $from;
        $kept = Cache::get($name);
        if (is_array($kept) && ($kept['stamp'] ?? null) === $stamp) {
            return $kept['value'];
        }
        self::takeTime();
        $value = $make();
        Cache::forever($name, ['stamp' => $stamp, 'value' => $value]);

        return $value;
    }

    /** Each thing that is worked out has the time of a request for itself: a large library of a teacher's own takes longer than one, once. */
    private static function takeTime(): void
    {
        $limit = (int) ini_get('max_execution_time');
        if ($limit > 0) {
            set_time_limit($limit);
        }
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
