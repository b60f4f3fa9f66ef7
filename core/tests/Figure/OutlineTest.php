<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Figure\Outline;
use KindChair\Figure\Shape;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines of shapes, from coordinates. */
final class OutlineTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, float, float}> two circles: their middles and radii */
    public static function limbs(): iterable
    {
        yield 'a thigh that lies' => [20.0, 50.0, 5.0, 44.0, 50.0, 3.0];
        yield 'a shin that hangs' => [44.0, 50.0, 3.0, 44.0, 74.0, 2.0];
        yield 'an arm across the page, thin end first' => [80.0, 20.0, 1.5, 61.0, 33.0, 3.0];
        yield 'two that are as large' => [10.0, 10.0, 4.0, 18.0, 2.0, 4.0];
        yield 'partly off the page' => [-3.0, -12.0, 2.0, 6.0, 4.0, 2.5];
    }

    #[DataProvider('limbs')]
    public function testALimbGoesRoundTwoCirclesAndTouchesBoth(float $x1, float $y1, float $r1, float $x2, float $y2, float $r2): void
    {
        [$ax, $ay, $a, , $bx, $by, $cx, $cy, $c, , $dx, $dy] = array_map(static fn (int $tenths): float => $tenths / 10, (new Outline())->limb($x1, $y1, $r1, $x2, $y2, $r2)->numbers());
        // The larger one is gone round first.
        [$large, $small] = $r2 > $r1 ? [[$x2, $y2, $r2], [$x1, $y1, $r1]] : [[$x1, $y1, $r1], [$x2, $y2, $r2]];
        self::assertEqualsWithDelta([$large[2], $small[2]], [$a, $c], 0.051);
        foreach ([[[$ax, $ay], [$dx, $dy]], [[$bx, $by], [$cx, $cy]]] as [$onLarge, $onSmall]) {
            self::assertEqualsWithDelta($large[2], hypot($onLarge[0] - $large[0], $onLarge[1] - $large[1]), 0.1);
            self::assertEqualsWithDelta($small[2], hypot($onSmall[0] - $small[0], $onSmall[1] - $small[1]), 0.1);
            // A line that touches a circle is square to its radius.
            $way = [$onSmall[0] - $onLarge[0], $onSmall[1] - $onLarge[1]];
            $radius = [$onLarge[0] - $large[0], $onLarge[1] - $large[1]];
            self::assertEqualsWithDelta(0.0, ($way[0] * $radius[0] + $way[1] * $radius[1]) / (hypot(...$way) * $large[2]), 0.04);
        }
    }

    public function testACircleThatLiesInTheOtherIsNoTrouble(): void
    {
        foreach ([[0.0, 0.0], [1.0, 0.0], [0.0, -2.0]] as [$x, $y]) {
            $limb = (new Outline())->limb(50.0, 50.0, 5.0, 50.0 + $x, 50.0 + $y, 1.0);
            foreach (array_chunk(array_diff_key($limb->numbers(), array_flip([2, 3, 8, 9])), 2) as [$px, $py]) {
                self::assertLessThanOrEqual(5.1, hypot($px / 10 - 50.0, $py / 10 - 50.0), 'nothing stands out of the larger one');
            }
        }
    }

    public function testAnAreaRunsTheSameWayRoundHoweverItIsTold(): void
    {
        $square = [[10.0, 10.0], [20.0, 10.0], [20.0, 20.0], [10.0, 20.0]];
        $turn = static function (Outline $outline): float {
            $points = array_chunk($outline->numbers(), 2);
            $twice = 0.0;
            foreach ($points as $i => [$x, $y]) {
                [$nextX, $nextY] = $points[($i + 1) % count($points)];
                $twice += $x * $nextY - $nextX * $y;
            }

            return $twice;
        };

        self::assertSame(20_000.0, $turn((new Outline())->area($square)));
        self::assertSame(20_000.0, $turn((new Outline())->area(array_reverse($square))), 'or limbs over it would make holes');
    }

    public function testAHullLeavesOutWhatLiesWithin(): void
    {
        $hull = (new Outline())->hull([[10.0, 10.0], [15.0, 15.0], [20.0, 10.0], [15.0, 12.0], [20.0, 20.0], [10.0, 20.0], [15.0, 10.0]]);

        self::assertEqualsCanonicalizing([[100, 100], [200, 100], [200, 200], [100, 200]], array_chunk($hull->numbers(), 2));
    }

    public function testACurvePassesThroughItsPoints(): void
    {
        $points = [[0.0, 0.0], [10.0, 5.0], [20.0, -3.0]];
        $curve = (new Outline())->curve($points);

        self::assertSame('M$ $C$ $ $ $ $ $C$ $ $ $ $ $', $curve->letters());
        $numbers = array_chunk($curve->numbers(), 2);
        self::assertSame([[0, 0], [100, 50], [200, -30]], [$numbers[0], $numbers[3], $numbers[6]]);
    }

    public function testAShapeOfSeveralPathsIsOneAndItsFramesCarryItsNumbers(): void
    {
        $one = (new Outline())->circle(10.0, 10.0, 2.0);
        $other = (new Outline())->limb(20.0, 20.0, 3.0, 30.0, 20.0, 1.0);
        $shape = new Shape('moving', [$one, $other], halo: true);

        self::assertSame($one->data() . $other->data(), $shape->data());
        self::assertSame([...$one->numbers(), ...$other->numbers()], $shape->numbers());
        self::assertSame(['role' => 'moving', 'd' => $shape->data(), 'halo' => true], $shape->toArray());
        self::assertSame($shape->data(), vsprintf(str_replace('$', '%d', $shape->template()['d']), $shape->numbers()));
        self::assertSame(7, $one->stroked('arrow', 0.7)->line, 'a line is as wide as it is told, in tenths');
    }
}
