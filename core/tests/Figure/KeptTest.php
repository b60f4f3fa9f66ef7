<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Anatomy;
use KindChair\Figure\Figure;
use KindChair\Figure\HandShape;
use KindChair\Figure\Kept;
use KindChair\Figure\Skeleton;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;
use ReflectionProperty;

/** What stays is worked out once, and nobody sees it. */
final class KeptTest extends TestCase
{
    public function testTheSameIsWorkedOutOnceAndSomethingElseAnew(): void
    {
        $kept = new Kept();
        $times = 0;
        $work = static function () use (&$times): object {
            ++$times;

            return (object) ['time' => $times];
        };
        $first = $kept->of('a leg', $work);
        self::assertSame($first, $kept->of('a leg', $work));
        self::assertNotSame($first, $kept->of('another leg', $work));
        self::assertSame(2, $times);
    }

    public function testItHoldsAThousandAndThenBeginsAnew(): void
    {
        $kept = new Kept();
        for ($i = 0; $i < 1000; ++$i) {
            $kept->of("leg $i", static fn (): int => $i);
        }
        self::assertSame(0, $kept->of('leg 0', static fn (): int => -1), 'the thousand are there');
        $kept->of('one more', static fn (): int => 1000);
        self::assertSame(-1, $kept->of('leg 0', static fn (): int => -1), 'and room is made for the next');
    }

    public function testAFigureIsTheSameWhateverWasDrawnBeforeIt(): void
    {
        $drawings = [];
        foreach (array_slice(Make::craft()->library->all(), 0, 60) as $at => $movement) {
            $rung = $movement->variations[$at % count($movement->variations)];
            foreach (Side::cases() as $side) {
                // Seen from elsewhere each time, and of people who lack something.
                $drawings[] = static fn (): string => serialize(Figure::of($movement, $rung, $rung->bases[$at % count($rung->bases)], $side, absent: $at % 5 === 0 ? ["leg-$side->value"] : [], view: View::cases()[$at % 4])->toArray());
            }
        }
        $alone = array_map(static function (callable $draw): string {
            self::forget();

            return $draw();
        }, $drawings);
        $together = array_map(static fn (callable $draw): string => $draw(), $drawings);

        self::assertSame($alone, $together);
        self::assertCount(120, $alone);
        self::assertGreaterThan(100, count(array_unique($alone)));
    }

    /** As if nothing had been drawn yet. */
    private static function forget(): void
    {
        foreach ([[Anatomy::class, 'legs'], [Skeleton::class, 'legs'], [HandShape::class, 'shapes']] as [$class, $kept]) {
            (new ReflectionProperty($class, $kept))->setValue(null, null);
        }
    }
}
