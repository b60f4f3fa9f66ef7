<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The closer look at what is too small to be seen in the whole figure. */
final class InsetTest extends TestCase
{
    /** @return list<Shape> what is in the ring, back to front */
    private static function inRing(Figure $figure): array
    {
        $roles = array_column($figure->shapes, 'role');
        $ring = array_search('ring', $roles, true);
        if ($ring === false) {
            return [];
        }
        $ground = (int) array_search(['inset', 0], array_map(static fn (Shape $shape): array => [$shape->role, $shape->line], $figure->shapes), true);

        return array_slice($figure->shapes, $ground + 1, $ring - $ground - 1);
    }

    /** @return array{int, int, int, int} left, right, top and bottom, in tenths */
    private static function box(Shape $shape): array
    {
        preg_match_all('/[ML](-?\d+) (-?\d+)/', $shape->data(), $points);
        [, $x, $y] = array_map(static fn (array $all): array => array_map(intval(...), $all), $points);

        return [min($x ?: [0]), max($x ?: [0]), min($y ?: [0]), max($y ?: [0])];
    }

    public function testEveryFingerIsDrawnByItself(): void
    {
        $hands = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->mainRegion() === Region::WristsHands ? $movement->variations : [] as $rung) {
                $shapes = self::inRing(Figure::of($movement, $rung, $rung->mainBase(), Side::Left));
                $hands += $shapes === [] ? 0 : 1;
                $apart = array_filter(array_slice($shapes, 1), static fn (Shape $shape): bool => $shape->halo);
                self::assertTrue($shapes === [] || count($apart) === 5, "$movement->id/$rung->id");
            }
        }
        self::assertGreaterThan(60, $hands);
    }

    /** @return iterable<string, array{string, string, Base}> */
    public static function spreads(): iterable
    {
        yield 'in the lap' => ['star-fingers', 'lap', Base::Chair];
        yield 'in the air, where the whole figure shows its edge' => ['star-fingers', 'air', Base::Chair];
        yield 'in bed' => ['star-fingers', 'air', Base::Bed];
        yield 'opened by the other hand' => ['weak-hand-open', 'open', Base::Chair];
    }

    #[DataProvider('spreads')]
    public function testASpreadHandIsSeenWhereItIsBroad(string $id, string $rung, Base $base): void
    {
        $movement = Make::craft()->library->get($id);
        foreach (Side::cases() as $side) {
            $shapes = self::inRing(Figure::of($movement, $movement->variation($rung), $base, $side));
            $boxes = array_map(self::box(...), array_filter(array_slice($shapes, 1), static fn (Shape $shape): bool => $shape->halo));
            // From the lowest of the fingers to the highest, or from the one on the left to the one on the right.
            $broad = max(max(array_column($boxes, 1)) - min(array_column($boxes, 0)), max(array_column($boxes, 3)) - min(array_column($boxes, 2)));
            $narrow = min(max(array_column($boxes, 1)) - min(array_column($boxes, 0)), max(array_column($boxes, 3)) - min(array_column($boxes, 2)));
            self::assertGreaterThan(90, $broad, $side->value);
            self::assertGreaterThan(70, $narrow, $side->value);
        }
    }

    public function testAThumbOverTheFistLiesOnIt(): void
    {
        $movement = Make::craft()->library->get('fists-thumbs');
        $shapes = self::inRing(Figure::of($movement, $movement->variation('ribs'), Base::Chair, Side::Left));
        // The palm is drawn once more over what lies behind it, and the thumb after that.
        $palm = array_key_last(array_filter($shapes, static fn (Shape $shape): bool => !$shape->halo));
        self::assertSame($palm + 1, count($shapes) - 1, 'one finger after the palm');
        self::assertTrue($shapes[count($shapes) - 1]->halo);
    }
}
