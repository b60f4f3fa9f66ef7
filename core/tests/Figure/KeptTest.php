<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Figure\Kept;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** What stays is worked out once, and nobody sees it. */
final class KeptTest extends TestCase
{
    protected function setUp(): void
    {
        Kept::forget();
    }

    public function testTheSameIsWorkedOutOnceAndSomethingElseAnew(): void
    {
        $times = 0;
        $work = static function () use (&$times): object {
            ++$times;

            return (object) ['time' => $times];
        };
        $first = Kept::of(self::class, 'a leg', $work);
        self::assertSame($first, Kept::of(self::class, 'a leg', $work));
        self::assertNotSame($first, Kept::of(self::class, 'another leg', $work));
        self::assertSame(2, $times);
    }

    public function testItHoldsTwoHundredAndThenBeginsAnew(): void
    {
        for ($i = 0; $i < 200; ++$i) {
            Kept::of(self::class, "leg $i", static fn (): int => $i);
        }
        self::assertSame(0, Kept::of(self::class, 'leg 0', static fn (): int => -1), 'the two hundred are there');
        Kept::of(self::class, 'one more', static fn (): int => 200);
        self::assertSame(-1, Kept::of(self::class, 'leg 0', static fn (): int => -1), 'and room is made for the next');
    }

    public function testASheetOfAllFiguresFromAllSidesDoesNotFillTheMemory(): void
    {
        $movements = array_slice(Make::craft()->library->all(), 0, 130);
        $before = memory_get_usage();
        $drawn = 0;
        foreach ($movements as $movement) {
            foreach ($movement->variations as $rung) {
                foreach (View::cases() as $view) {
                    Figure::of($movement, $rung, $rung->mainBase(), Side::Left, view: $view);
                    ++$drawn;
                }
            }
        }
        self::assertGreaterThan(1500, $drawn);
        // A third of what a request may have.
        self::assertLessThan(45, (memory_get_usage() - $before) / 1e6, 'megabytes');
    }

    public function testAFigureIsTheSameWhateverWasDrawnBeforeIt(): void
    {
        $drawings = [];
        foreach (array_slice(Make::craft()->library->all(), 0, 60) as $at => $movement) {
            $rung = $movement->variations[$at % count($movement->variations)];
            foreach (Side::cases() as $side) {
                // Seen from elsewhere each time or from where it is seen best, and of people who lack something.
                $view = $at % 2 === 0 ? null : View::cases()[intdiv($at, 2) % 4];
                $drawings[] = static fn (): string => serialize(Figure::of($movement, $rung, $rung->bases[$at % count($rung->bases)], $side, absent: $at % 5 === 0 ? ["leg-$side->value"] : [], view: $view)->toArray());
            }
        }
        $alone = array_map(static function (callable $draw): string {
            Kept::forget();

            return $draw();
        }, $drawings);
        $together = array_map(static fn (callable $draw): string => $draw(), $drawings);

        self::assertSame($alone, $together);
        self::assertCount(120, $alone);
        self::assertGreaterThan(100, count(array_unique($alone)));
    }
}
