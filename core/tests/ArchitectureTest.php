<?php

declare(strict_types=1);

namespace KindChair\Tests;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Arrows point one way: interface, HTTP, app, core; and inside the core from later folders to earlier ones. */
final class ArchitectureTest extends TestCase
{
    private const FLOORS = ['Body', 'Breath', 'Movement', 'Figure', 'Demand', 'People', 'Plan', 'Timeline', 'Practice', 'Fit', 'Place', 'Review', 'Compose', 'Script', 'Format'];

    /** @return iterable<string, string> path below core/src, and contents */
    private static function sources(): iterable
    {
        $root = dirname(__DIR__) . '/src';
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            yield substr($file->getPathname(), strlen($root) + 1) => (string) file_get_contents($file->getPathname());
        }
    }

    public function testFoldersUseOnlyThoseAboveThem(): void
    {
        foreach (self::sources() as $path => $code) {
            $floor = array_search(strtok($path, '/'), self::FLOORS, true);
            self::assertIsInt($floor, "$path lies in a folder that has no floor yet");
            preg_match_all('/^use (\w+)\\\\(\w+)/m', $code, $uses, PREG_SET_ORDER);
            foreach ($uses as [, $vendor, $folder]) {
                if ($vendor === 'KindChair') {
                    self::assertLessThanOrEqual($floor, array_search($folder, self::FLOORS, true), "$path uses $folder");
                }
            }
        }
    }

    public function testTheCoreKnowsNoFrameworkNoFilesNoClockAndNoChance(): void
    {
        foreach (self::sources() as $path => $code) {
            self::assertDoesNotMatchRegularExpression('/^use (Illuminate|Laravel|App|Opis)\\\\/m', $code, $path);
            self::assertDoesNotMatchRegularExpression(
                '/\b(file_get_contents|file_put_contents|fopen|time|microtime|date|rand|mt_rand|random_int|shuffle|uniqid|echo|print_r|var_dump)\s*\(/',
                $code,
                $path,
            );
        }
    }

    public function testTheInterfaceComputesNothingOfTheCraft(): void
    {
        $root = dirname(__DIR__, 2) . '/resources/js';
        foreach (glob("$root/{screens,parts}/{*,*/*}.{ts,tsx}", GLOB_BRACE) ?: [] as $file) {
            self::assertDoesNotMatchRegularExpression('/paceFactor|head-below-heart|wordCount|inversion|longestCycle/', (string) file_get_contents($file), $file);
        }
    }
}
