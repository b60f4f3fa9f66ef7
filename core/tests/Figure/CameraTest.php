<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Camera;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Scene;
use KindChair\Figure\Vector;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From where a figure is seen, from coordinates. */
final class CameraTest extends TestCase
{
    /** @return iterable<string, array{View, DrawnSeat}> */
    public static function everywhere(): iterable
    {
        foreach (View::cases() as $view) {
            foreach (DrawnSeat::cases() as $seat) {
                yield "$view->value, $seat->value" => [$view, $seat];
            }
        }
    }

    #[DataProvider('everywhere')]
    public function testARightSideIsTheMirrorImageOfALeftOne(View $view, DrawnSeat $seat): void
    {
        [$left, $right] = [Camera::of($view, $seat, Side::Left), Camera::of($view, $seat, Side::Right)];
        foreach ([new Vector(3, 4, 5), new Vector(-11, 28, 0), new Vector(0, -29, 20)] as $point) {
            [[$x, $y], [$mirroredX, $mirroredY]] = [$left->page($point), $right->page($point->mirrored())];
            self::assertEqualsWithDelta([100 - $x, $y], [$mirroredX, $mirroredY], 1e-9);
            self::assertEqualsWithDelta($left->depth($point), $right->depth($point->mirrored()), 1e-9);
        }
    }

    #[DataProvider('everywhere')]
    public function testManyAreSeenAsEachAlone(View $view, DrawnSeat $seat): void
    {
        $camera = Camera::of($view, $seat, Side::Left);
        [$one, $other] = [new Vector(3, 4, 5), new Vector(-7, 20, -2)];

        self::assertEqualsWithDelta(
            [...$camera->page($one), $camera->depth($one), 2.0 * $camera->scale(), ...$camera->page($other), $camera->depth($other), 0.5 * $camera->scale()],
            $camera->seen([$one, $other], [2.0, 0.5]),
            1e-9,
        );
        [[$x, $y], [$toX, $toY]] = [$camera->page($one), $camera->page($other)];
        self::assertEqualsWithDelta(hypot($toX - $x, $toY - $y) / $camera->scale(), $camera->travel($other->minus($one)), 1e-9);
        self::assertSame($camera, Camera::of($view, $seat, Side::Left), 'one camera for all that are drawn from there');
    }

    public function testWhatIsAheadIsNearerFromTheFrontAndTheWorkingSideFromTheSide(): void
    {
        $front = Camera::of(View::Front, DrawnSeat::Chair, Side::Left);
        self::assertGreaterThan($front->depth(new Vector(0, 0, 0)), $front->depth(new Vector(0, 0, 10)));
        self::assertLessThan($front->page(new Vector(10, 0, 0))[0], $front->page(new Vector(-10, 0, 0))[0], 'their left is on the left of the page, as in a mirror');

        foreach ([[Side::Left, -10.0], [Side::Right, 10.0]] as [$side, $x]) {
            $camera = Camera::of(View::Side, DrawnSeat::Chair, $side);
            self::assertGreaterThan($camera->depth(new Vector(-$x, 0, 0)), $camera->depth(new Vector($x, 0, 0)), $side->value);
        }
        $above = Camera::of(View::Above, DrawnSeat::Chair, Side::Left);
        self::assertGreaterThan($above->depth(new Vector(0, 0, 0)), $above->depth(new Vector(0, 10, 0)));
    }

    public function testFromFurtherAwayItHoldsWhatReachesOutOfThePage(): void
    {
        $camera = Camera::of(View::Front, DrawnSeat::Bed, Side::Left);

        self::assertSame($camera, $camera->holding([new Vector(45, 20, 0)]));
        $further = $camera->holding([new Vector(60, 20, 0)]);
        self::assertLessThan(98.0, $further->page(new Vector(60, 20, 0))[0]);
        self::assertGreaterThan(90.0, $further->page(new Vector(60, 20, 0))[0]);
        self::assertLessThan($camera->scale(), $further->scale());
    }

    public function testNoHandFootOrHeadReachesOutOfThePage(): void
    {
        $off = [];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            foreach ([Side::Left, Side::Right] as $side) {
                $scene = Scene::of($movement, $variation, $base, $side);
                foreach ([$scene->ends->end->body, ...($scene->ends->start === null ? [] : [$scene->ends->start->body])] as $body) {
                    foreach (['head', 'fingers-left', 'fingers-right', 'toe-left', 'toe-right'] as $point) {
                        [$x, $y] = $scene->camera->page($body->point($point));
                        if (min($x, $y) < 1.5 || max($x, $y) > 98.5) {
                            $off["$name, $side->value: $point"] = [round($x), round($y)];
                        }
                    }
                }
            }
        }
        self::assertSame([], $off);
    }

    public function testACloserLookPutsAPointWhereItIsToldAndAllElseFurtherApart(): void
    {
        $camera = Camera::of(View::ThreeQuarter, DrawnSeat::Chair, Side::Left);
        [$wrist, $finger] = [new Vector(-9, 6, 18), new Vector(-7, 5, 24)];
        $closer = $camera->closer($wrist, 81.0, 20.0, 2.0);

        self::assertEqualsWithDelta([81.0, 20.0], $closer->page($wrist), 1e-9);
        [[$x, $y], [$toX, $toY]] = [$camera->page($wrist), $camera->page($finger)];
        self::assertEqualsWithDelta([81.0 + 2 * ($toX - $x), 20.0 + 2 * ($toY - $y)], $closer->page($finger), 1e-9);
        self::assertEqualsWithDelta($camera->depth($finger), $closer->depth($finger), 1e-9);
        self::assertNull($closer->number, 'what it sees is not kept');
    }
}
