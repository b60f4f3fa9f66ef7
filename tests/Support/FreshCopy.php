<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The repository as somebody has it who just fetched it: its own files and no data, with the libraries installed. */
final class FreshCopy
{
    public static function in(string $folder): string
    {
        $root = dirname(__DIR__, 2);
        mkdir($folder, 0755, true);
        self::run(['bash', '-c', 'git ls-files -z --cached --others --exclude-standard | xargs -0 cp --parents -pt ' . escapeshellarg($folder)], $root);
        foreach (['vendor', 'node_modules', 'public/build'] as $installed) {
            // Links are enough: nothing in there is written to.
            self::run(['cp', '-al', "$root/$installed", "$folder/$installed"], $root);
        }
        foreach (['vendor/.installed', 'node_modules/.installed', 'public/build/manifest.json'] as $stamp) {
            // Newer than every file of the copy, and not the original's own.
            self::run(['bash', '-c', "cp $stamp $stamp.new && mv $stamp.new $stamp"], $folder);
        }

        return $folder;
    }

    /** @param list<string> $command */
    private static function run(array $command, string $in): void
    {
        // Tests run with the application's own closed ways; a copy is open to whoever starts it.
        $process = new Process(['bash', '-c', 'umask 022; exec "$@"', 'copy', ...$command], $in, null, null, 120);
        if ($process->run() !== 0) {
            throw new RuntimeException($process->getErrorOutput());
        }
    }
}
