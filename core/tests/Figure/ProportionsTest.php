<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Camera;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Scene;
use KindChair\Figure\SeatedFit;
use KindChair\Figure\Settled;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Movement\Position;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The body at rest, to a tenth of a unit: lengths of limbs, and how one sits, lies and stands. */
final class ProportionsTest extends TestCase
{
    private const POINTS = ['chest', 'head', 'nose', 'elbow-left', 'hand-left', 'knee-left', 'ankle-left', 'toe-left'];

    #[DataProvider('seats')]
    public function testABodyAtRestIsWhereItWas(DrawnSeat $seat, string $expected): void
    {
        $skeleton = Skeleton::of(Settled::rest($seat), $seat);
        $points = array_map(static function (string $name) use ($skeleton): string {
            $at = $skeleton->point($name);

            return sprintf('%.1f,%.1f,%.1f', $at->x, $at->y, $at->z);
        }, self::POINTS);

        self::assertSame($expected, implode(' ', $points));
    }

    /** @return iterable<string, array{DrawnSeat, string}> */
    public static function seats(): iterable
    {
        yield 'chair' => [DrawnSeat::Chair, '0.0,28.0,0.0 0.0,39.6,0.0 0.0,37.0,9.7 -13.1,10.7,1.3 -6.9,2.3,17.9 -7.5,-1.0,23.9 -7.5,-25.0,23.9 -8.3,-25.0,31.8'];
        yield 'armchair' => [DrawnSeat::Armchair, '0.0,28.0,0.0 0.0,39.6,0.0 0.0,37.0,9.7 -13.1,10.7,1.3 -6.9,2.3,17.9 -7.5,-1.0,23.9 -7.5,-25.0,23.9 -8.3,-25.0,31.8'];
        yield 'sideways' => [DrawnSeat::Sideways, '0.0,28.0,0.0 0.0,39.6,0.0 0.0,37.0,9.7 -13.1,10.7,1.3 -6.9,2.3,17.9 -7.5,-1.0,23.9 -7.5,-25.0,23.9 -8.3,-25.0,31.8'];
        yield 'wheelchair' => [DrawnSeat::Wheelchair, '0.0,28.0,0.0 0.0,39.6,0.0 0.0,37.0,9.7 -13.1,10.7,1.3 -6.9,2.3,17.9 -7.5,-1.0,23.9 -7.5,-25.0,23.9 -8.3,-25.0,31.8'];
        yield 'bed' => [DrawnSeat::Bed, '0.0,18.7,-20.8 0.0,26.5,-29.4 0.0,32.0,-21.0 -10.5,9.4,-6.0 -6.4,6.1,12.9 -7.4,5.6,22.9 -9.7,-3.4,45.1 -10.1,4.0,48.1'];
        yield 'flat-bed' => [DrawnSeat::FlatBed, '0.0,2.0,-27.9 0.0,2.8,-39.5 0.0,12.3,-36.2 -15.4,0.8,-11.1 -20.7,2.9,7.7 -6.3,-1.0,24.0 -7.5,-2.7,47.9 -7.5,5.3,48.4'];
        yield 'standing' => [DrawnSeat::Standing, '0.0,27.9,0.4 0.0,39.5,0.4 0.0,36.9,10.1 -14.0,11.6,5.7 -9.0,5.0,23.5 -6.3,-25.1,0.4 -7.5,-49.0,-1.2 -7.5,-49.0,6.8'];
    }

    public function testBothThighsAreSeenFromThreeQuarters(): void
    {
        foreach ([DrawnSeat::Chair, DrawnSeat::Armchair, DrawnSeat::Wheelchair] as $seat) {
            foreach (Side::cases() as $near) {
                $body = Skeleton::of(Settled::rest($seat), $seat);
                $camera = Camera::of(View::ThreeQuarter, $seat, $near);
                foreach (Side::cases() as $side) {
                    [$hip, $knee] = [$body->point("hip-$side->value"), $body->point("knee-$side->value")];
                    self::assertGreaterThan(0.45, $camera->travel($knee->minus($hip)) / $knee->minus($hip)->length(), "$seat->value, seen from the $near->value: $side->value");
                }
            }
        }
    }

    public function testFeetThatWereSetWideStayWide(): void
    {
        $rungs = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                if ($rung->position !== Position::Wide) {
                    continue;
                }
                ++$rungs;
                $scene = Scene::of($movement, $rung, $rung->mainBase(), Side::Left);
                $apart = static fn (Skeleton $body): float => $body->point('knee-right')->x - $body->point('knee-left')->x;
                foreach ($movement->steps as $step) {
                    $now = $apart($scene->posed($scene->pose($step->id), $step)->body);
                    self::assertGreaterThan($apart($scene->posed($scene->rest, null)->body) - 1.0, $now, "$movement->id/$rung->id: $step->id");
                }
            }
        }
        self::assertGreaterThan(10, $rungs);
    }

    public function testSomebodyIsDrawnOnAChairAsBothWereMeasured(): void
    {
        $body = Skeleton::of(Settled::rest(DrawnSeat::Chair), DrawnSeat::Chair)->withLegs(26.0, 20.0, 2.0);
        self::assertEqualsWithDelta(26.0, $body->point('knee-left')->minus($body->point('hip-left'))->length(), 0.001);
        self::assertEqualsWithDelta(20.0, $body->point('ankle-left')->minus($body->point('knee-left'))->length(), 0.001);
        self::assertEqualsWithDelta(2.0, $body->point('knee-left')->y, 0.3);

        // Worked by hand: a seat of 450 mm lies 530 mm under the hips with the flesh between, on a page of 1.65 mm to a tenth of a unit at 0.95.
        $fit = static fn (int $seat, int $raise = 0): SeatedFit => SeatedFit::of($seat, 430, null, 385, 480, 25, $raise, 0, 0);
        self::assertEqualsWithDelta(530 / 1.65 * 0.95, $fit(450)->floor - $fit(450)->hips, 2.0);
        self::assertEqualsWithDelta($fit(450)->floor + 50 / 1.65 * 0.95, $fit(450, 50)->floor, 2.0);
        $props = static fn (SeatedFit $drawn): int => count(array_filter($drawn->shapes, static fn (Shape $shape): bool => $shape->role === 'prop'));
        self::assertSame([0, 1], [$props($fit(450)), $props($fit(450, 50))]);
    }
}
