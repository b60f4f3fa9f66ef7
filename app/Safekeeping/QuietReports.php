<?php

declare(strict_types=1);

namespace App\Safekeeping;

use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use PDOException;
use Throwable;

/**
 * Writes down what went wrong and where, and nothing about anybody: no values of a statement, no arguments, and no
 * words of a message that may carry what somebody typed.
 */
final class QuietReports
{
    private const FRAMES = 12;

    public static function of(Throwable $error): void
    {
        Log::error($error::class . self::words($error), ['at' => self::place($error->getFile(), $error->getLine()), 'through' => self::way($error)]);
    }

    /** The statement with its question marks, the database's own words, or those of PHP; none of other exceptions. */
    private static function words(Throwable $error): string
    {
        $cause = $error instanceof QueryException ? $error->getPrevious() : $error;

        return match (true) {
            $error instanceof QueryException => ': ' . ($cause === null ? '' : $cause->getMessage()) . ' in: ' . mb_substr($error->getSql(), 0, 500),
            // Of a view's error only the place is told: its message is that of whatever went wrong in it.
            $error instanceof PDOException, $error::class === ErrorException::class => ': ' . $error->getMessage(),
            $error instanceof \Error => ': ' . (string) preg_replace('/"[^"]*"|\'[^\']*\'/', '"..."', $error->getMessage()),
            default => '',
        };
    }

    /** @return list<string> */
    private static function way(Throwable $error): array
    {
        return array_map(
            static fn (array $frame): string => self::place($frame['file'] ?? '', $frame['line'] ?? 0) . ' ' . ($frame['class'] ?? '') . ($frame['type'] ?? '') . $frame['function'],
            array_slice($error->getTrace(), 0, self::FRAMES),
        );
    }

    private static function place(string $file, int $line): string
    {
        return str_replace(base_path() . '/', '', $file) . ":$line";
    }
}
