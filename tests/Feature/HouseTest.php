<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Record;
use FilesystemIterator;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use SplFileInfo;

/** Rooms of a size that one can oversee, and ways that lead one way. */
final class HouseTest extends TestCase
{
    private const LONGEST = 300;

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return iterable<string, string> path below the root, and contents, of what people wrote */
    private static function files(string $folder, string $ending): iterable
    {
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::root() . "/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = substr($file->getPathname(), strlen(self::root()) + 1);
            if (preg_match("/\.($ending)$/", $path) === 1 && !str_contains($path, '/api/types/')) {
                yield $path => (string) file_get_contents($file->getPathname());
            }
        }
    }

    public function testAFileThatIsLongSaysWhy(): void
    {
        $silent = [];
        foreach (['core', 'app', 'tests', 'database', 'resources/js', 'bin'] as $folder) {
            foreach (self::files($folder, 'php|tsx?') as $path => $code) {
                preg_match('~/\*\*.*?\*/~s', $code, $comment);
                if (substr_count($code, "\n") > self::LONGEST && !str_contains($comment[0] ?? '', 'Long because')) {
                    $silent[] = $path;
                }
            }
        }

        self::assertSame([], $silent);
    }

    /** What they begin with is found for one of them and holds for all (Record). */
    public function testStoredThingsHaveNothingOfTheirOwnToBeginWith(): void
    {
        $own = $records = [];
        foreach (self::files('app/Models', 'php') as $path => $code) {
            /** @var class-string $class */
            $class = 'App\\Models\\' . basename($path, '.php');
            if (!is_subclass_of($class, Record::class)) {
                continue;
            }
            $records[] = $class;
            foreach ((new ReflectionClass($class))->getMethods() as $method) {
                if ($method->getDeclaringClass()->getName() === $class && ($method->getAttributes(Boot::class) !== [] || $method->getAttributes(Initialize::class) !== [])) {
                    $own[] = "$class::{$method->getName()}";
                }
            }
            array_push($own, ...array_values(class_uses($class) ?: []));
        }

        self::assertSame([], $own);
        self::assertGreaterThan(10, count($records));
    }

    public function testNothingInTheCoreLeadsBackToItself(): void
    {
        $this->assertNoCircles(self::classes('core/src', 'KindChair'));
    }

    /** But the models: a relation is told at both its ends. */
    public function testNothingInTheAppLeadsBackToItself(): void
    {
        $this->assertNoCircles(array_filter(self::classes('app', 'App'), static fn (string $class): bool => !str_starts_with($class, 'App\\Models\\'), ARRAY_FILTER_USE_KEY));
    }

    public function testNothingInTheBrowserLeadsBackToItself(): void
    {
        $this->assertNoCircles(self::modules());
    }

    /** @param array<string, list<string>> $uses what each uses */
    private function assertNoCircles(array $uses): void
    {
        self::assertGreaterThan(40, count($uses));
        self::assertSame('', implode("\n", self::circles($uses)));
    }

    public function testACircleIsSeen(): void
    {
        self::assertSame([], self::circles(['a' => ['b', 'c'], 'b' => ['c'], 'c' => []]));
        self::assertSame(['a > b > c > a'], self::circles(['a' => ['b'], 'b' => ['c'], 'c' => ['a']]));
    }

    /** @return array<string, list<string>> */
    private static function classes(string $folder, string $vendor): array
    {
        $code = [];
        foreach (self::files($folder, 'php') as $path => $text) {
            $code[$vendor . '\\' . str_replace('/', '\\', substr($path, strlen($folder) + 1, -4))] = (string) preg_replace('~/\*.*?\*/|//[^\n]*|"(?:\\\\.|[^"\\\\])*"|\'(?:\\\\.|[^\'\\\\])*\'~s', '', $text);
        }
        $uses = [];
        foreach ($code as $class => $text) {
            $namespace = substr($class, 0, (int) strrpos($class, '\\'));
            $uses[$class] = array_values(array_filter(array_keys($code), static function (string $other) use ($class, $text, $namespace): bool {
                $name = substr($other, (int) strrpos($other, '\\') + 1);
                $isNear = str_starts_with($other, "$namespace\\") && substr_count($other, '\\') === substr_count($namespace, '\\') + 1;

                return $other !== $class && (str_contains($text, "use $other;") || $isNear && preg_match("/(?<![\\\\\\w$>])$name\\b(?=::|[ |,)>{;(]|\\s\\$)/", $text) === 1);
            }));
        }

        return $uses;
    }

    /** @return array<string, list<string>> */
    private static function modules(): array
    {
        $uses = [];
        foreach (self::files('resources/js', 'tsx?') as $path => $code) {
            $uses[(string) preg_replace('/\.tsx?$/', '', $path)] = [];
        }
        foreach (self::files('resources/js', 'tsx?') as $path => $code) {
            preg_match_all("~(?:from|import\\()\\s*'(\\.[^']+)'~", $code, $found);
            foreach ($found[1] as $other) {
                $target = self::resolved(dirname($path) . "/$other");
                if (isset($uses[$target])) {
                    $uses[(string) preg_replace('/\.tsx?$/', '', $path)][] = $target;
                }
            }
        }

        return $uses;
    }

    private static function resolved(string $path): string
    {
        $parts = [];
        foreach (explode('/', $path) as $part) {
            if ($part === '..') {
                array_pop($parts);
            } elseif ($part !== '.') {
                $parts[] = $part;
            }
        }

        return implode('/', $parts);
    }

    /**
     * @param array<string, list<string>> $uses
     * @return list<string> each circle once, as a way
     */
    private static function circles(array $uses): array
    {
        $circles = $done = [];
        $walk = static function (string $at, array $way) use (&$walk, &$circles, &$done, $uses): void {
            $back = array_search($at, $way, true);
            if ($back !== false) {
                $circles[] = implode(' > ', [...array_slice($way, (int) $back), $at]);
            } elseif (!isset($done[$at])) {
                foreach ($uses[$at] ?? [] as $next) {
                    $walk($next, [...$way, $at]);
                }
                $done[$at] = true;
            }
        };
        foreach (array_keys($uses) as $start) {
            $walk($start, []);
        }

        return $circles;
    }
}
