<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\LibraryAnswer;
use FilesystemIterator;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use KindChair\Format\Craft;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The library is worked out once, and again when the craft has changed. */
final class LibraryController
{
    public function show(Craft $craft): Response
    {
        $json = Cache::rememberForever(
            'library:' . self::version(),
            static fn (): string => json_encode(LibraryAnswer::of($craft), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
        );

        return response($json)->header('Content-Type', 'application/json')->setPrivate()->setMaxAge(300);
    }

    /** Changes with any file of the core or of the answer. */
    private static function version(): string
    {
        $newest = filemtime(app_path('Answers/LibraryAnswer.php'));
        $count = 0;
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS)) as $file) {
            $newest = max($newest, $file->getMTime());
            ++$count;
        }

        return "$newest-$count";
    }
}
