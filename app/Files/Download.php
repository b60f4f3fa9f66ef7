<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A document as a file to keep, under a name that every system takes. */
final class Download
{
    public const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /** @param array<string, mixed> $document */
    public static function json(array $document, string $name, string $otherwise): Response
    {
        return self::of(json_encode($document, self::JSON) . "\n", 'application/json', self::name($name, $otherwise) . '.json');
    }

    public static function of(string $contents, string $type, string $file): Response
    {
        return response($contents)->header('Content-Type', $type)->header('Content-Disposition', "attachment; filename=\"$file\"");
    }

    /** A name without anything a file system or a header trips over. */
    public static function name(string $name, string $otherwise): string
    {
        return Str::slug($name) ?: $otherwise;
    }
}
