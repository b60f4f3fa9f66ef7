<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\ArrowLine;
use KindChair\Figure\Figure;
use KindChair\Figure\Outline;
use KindChair\Figure\Shape;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Extent;
use PHPUnit\Framework\TestCase;

/** A figure that is saved or printed is cut off at the edge of its page: nothing of it lies beyond. */
final class OnPageTest extends TestCase
{
    /** Tenths of a unit of ground that may be missing round an arrow. */
    private const GROUND = 5;

    public function testNothingOfAnyFigureIsCutOff(): void
    {
        $off = [];
        foreach (Drawn::everyShape() as $name => [$movement, $rung, $base]) {
            foreach (Side::cases() as $side) {
                $off += self::off("$name, $side->value", Figure::of($movement, $rung, $base, $side));
            }
        }
        self::assertSame([], $off);
    }

    public function testNorFromAnyOtherSide(): void
    {
        $off = [];
        foreach (Drawn::everyShape() as $name => [$movement, $rung, $base]) {
            if ($rung->id !== $movement->usualVariation) {
                continue;
            }
            foreach (View::cases() as $view) {
                $off += self::off("$name, $view->value", Figure::of($movement, $rung, $base, Side::Left, view: $view));
            }
        }
        self::assertSame([], $off);
    }

    public function testAnArrowThatWouldLieBeyondComesIn(): void
    {
        $inside = [[40.0, 40.0], [60.0, 40.0]];
        self::assertSame($inside, ArrowLine::onPage($inside));

        foreach ([[[40.0, -6.0], [60.0, -6.0]], [[40.0, 104.0], [60.0, 104.0]], [[-5.0, 40.0], [-5.0, 60.0]], [[106.0, 40.0], [106.0, 60.0]]] as $points) {
            $come = ArrowLine::onPage($points);
            self::assertEqualsWithDelta(20.0, hypot($come[1][0] - $come[0][0], $come[1][1] - $come[0][1]), 1e-9, 'as long as it was');
            foreach (ArrowLine::drawn($come) as $shape) {
                self::assertSame([], self::cut($shape));
            }
        }
    }

    public function testHowFarAShapeReaches(): void
    {
        self::assertEqualsWithDelta([180.0, 280.0, 420.0, 320.0], Extent::of((new Outline())->limb(20, 30, 2, 40, 30, 2)->filled('body')), 1.0);
        self::assertEqualsWithDelta([400.0, 300.0, 600.0, 500.0], Extent::of((new Outline())->circle(50, 40, 10)->filled('body')), 1.0);
        self::assertEqualsWithDelta([95.0, 195.0, 305.0, 205.0], Extent::of((new Outline())->line([[10, 20], [30, 20]])->stroked('arrow', 1.0)), 1.0);
    }

    /** @return array<string, list<string>> */
    private static function off(string $name, Figure $figure): array
    {
        $cut = array_unique(array_merge(...array_map(self::cut(...), Drawn::onPage($figure))));

        return $cut === [] ? [] : [$name => array_values($cut)];
    }

    /** @return list<string> */
    private static function cut(Shape $shape): array
    {
        [$left, $top, $right, $bottom] = Extent::of($shape);
        $spare = $shape->role === 'inset' && $shape->line > 0 ? self::GROUND : 1;

        return min($left, $top) < -$spare || max($right, $bottom) > 1000 + $spare ? [$shape->role] : [];
    }
}
