<?php

declare(strict_types=1);

namespace Tests\Support;

use PDO;
use PDOStatement;
use RuntimeException;

/** What is really in a database file, past the application. */
final class Stored
{
    public static function value(string $file, string $query): mixed
    {
        return self::ask($file, $query)->fetchColumn();
    }

    /** @return list<array<array-key, mixed>> */
    public static function rows(string $file, string $query, int $mode = PDO::FETCH_NUM): array
    {
        return array_values(self::ask($file, $query)->fetchAll($mode));
    }

    /** @return list<string> paths that a pattern finds */
    public static function files(string $pattern): array
    {
        return glob($pattern) ?: [];
    }

    private static function ask(string $file, string $query): PDOStatement
    {
        return (new PDO("sqlite:$file"))->query($query) ?: throw new RuntimeException("Not answered: $query");
    }
}
