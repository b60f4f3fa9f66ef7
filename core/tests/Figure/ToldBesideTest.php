<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Arrow;
use KindChair\Figure\Camera;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Figure;
use KindChair\Figure\MovingParts;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a figure tells beside the body: arrows, closer looks, and what is held. */
final class ToldBesideTest extends TestCase
{
    /** @return list<array{int, int}> where the lines of an outline begin and end, in tenths; with all between them if that is asked for */
    private static function corners(Shape $shape, bool $all = false): array
    {
        preg_match_all($all ? '/(-?\d+) (-?\d+)/' : '/[ML](-?\d+) (-?\d+)/', $shape->data(), $points, PREG_SET_ORDER);

        return array_map(static fn (array $point): array => [(int) $point[1], (int) $point[2]], $points);
    }

    /** @return list<list<array{int, int}>> the points of each arrow, in tenths */
    private static function arrows(Figure $figure): array
    {
        return array_map(static fn (Shape $shape): array => self::corners($shape, true), array_values(array_filter($figure->shapes, static fn (Shape $shape): bool => $shape->role === 'arrow')));
    }

    /**
     * @param list<array{int, int}> $points
     * @param 0|1 $axis 0 across the page, 1 down
     * @return array{int, int} the least and the most
     */
    private static function span(array $points, int $axis): array
    {
        $all = array_column($points, $axis) ?: [0];

        return [min($all), max($all)];
    }

    public function testNoArrowGoesOverTheFace(): void
    {
        $over = [];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            $scene = Scene::of($movement, $variation, $base, Side::Left);
            [$x, $y] = $scene->camera->page($scene->ends->end->body->point('head'));
            foreach (Arrow::of($movement, $scene, Side::Left) as $shape) {
                foreach ($shape->role === 'arrow' ? self::corners($shape, true) : [] as [$across, $down]) {
                    if (hypot($across / 10 - $x, $down / 10 - $y) < 6.0) {
                        $over[$name] = true;
                    }
                }
            }
        }
        self::assertSame([], array_keys($over));
    }

    public function testAFootThatPointsAtTheViewerIsSeenBeforeItsShin(): void
    {
        $movement = Make::craft()->library->get('leg-extension');
        $after = static function (View $view) use ($movement): int {
            $shapes = Figure::of($movement, $movement->variation('full'), Base::Chair, Side::Left, view: $view)->shapes;
            [$top, $bottom] = self::span(self::corners($shapes[(int) array_search('moving', array_column($shapes, 'role'), true) + 1]), 1);

            return $bottom - $top;
        };
        self::assertLessThan(130, $after(View::Front), 'the foot comes after the leg that moves it');
        self::assertGreaterThan(130, $after(View::Side), 'from the side it is an arm');
    }

    public function testWhereAHandPassesTheFaceTheElbowTellsTheWay(): void
    {
        $arrows = static fn (string $id, string $rung): array => self::arrows(Figure::of(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), Base::Wheelchair, Side::Left));
        self::assertCount(1, $arrows('behind-and-turn', 'waist'));
        self::assertSame([], $arrows('elbow-up', 'back'), 'behind the head both would cross it');
    }

    public function testArrowsStayByTheFigureOnTheirOwnGround(): void
    {
        $wrong = [];
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $variation) {
                $figure = Figure::of($movement, $variation, $variation->mainBase(), Side::Left);
                $arrows = self::arrows($figure);
                $lines = array_filter($figure->shapes, static fn (Shape $shape): bool => $shape->role === 'inset' && $shape->line > 0);
                [$points, $head] = [array_merge(...$arrows), 30];
                [[$left, $right], [$top, $bottom]] = [self::span($points, 0), self::span($points, 1)];
                $outside = $left < -80 - $head || $right > 1080 + $head || $top < -50 - $head || $bottom > 1050 + $head;
                if ($outside || count($lines) !== count($arrows)) {
                    $wrong[] = "$movement->id/$variation->id";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** @return array<string, array{string, int}> */
    public static function circles(): array
    {
        return ['hands side by side' => ['palm-flips/apart', 2], 'hands palm to palm' => ['palm-flips/meet', 1], 'shoulders seen askew' => ['shoulder-circles/stand', 2]];
    }

    #[DataProvider('circles')]
    public function testCirclesNearEachOtherAreDrawnApartAndTogetherOnce(string $rung, int $count): void
    {
        [$id, $variation] = explode('/', $rung);
        $movement = Make::craft()->library->get($id);
        $figure = Figure::of($movement, $movement->variation($variation), $movement->variation($variation)->mainBase(), Side::Left);
        $spans = array_map(static fn (array $points): array => self::span($points, 0), self::arrows($figure));
        sort($spans);
        self::assertCount($count, $spans);
        self::assertTrue($count < 2 || $spans[0][1] <= $spans[1][0] + 20, 'they do not lie over each other');
    }

    public function testAShoulderThatHardlyRisesIsToldByAnArrow(): void
    {
        $movement = Make::craft()->library->get('roll-one-shoulder');
        foreach ($movement->variations as $rung) {
            $arrows = self::arrows(Figure::of($movement, $rung, Base::Chair, Side::Left));
            self::assertCount(1, $arrows, $rung->id);
            [$top, $bottom] = self::span($arrows[0], 1);
            self::assertGreaterThan(40, $bottom - $top, 'it points up');
            self::assertLessThan($arrows[0][0][1], $arrows[0][count($arrows[0]) - 2][1]);
        }
    }

    public function testHandsThatPassABallHaveOneAndHandsThatSqueezeHaveOneEach(): void
    {
        $figure = static fn (string $id): Figure => Figure::of(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation('ball'), Base::Chair, Side::Left);
        $balls = static fn (Shape ...$shapes): int => count(array_filter($shapes, static fn (Shape $shape): bool => $shape->role === 'prop'));
        self::assertSame(1, $balls(...Drawn::onPage($figure('ball-pass'))));
        self::assertSame(2, $balls(...Drawn::onPage($figure('ball-squeeze'))));
        self::assertSame(2, $balls(...Drawn::inRing($figure('ball-squeeze'))), 'seen closer too');
    }

    /** A hand that strokes an arm ends on the other hand in each rung: where it begins is told by the arrow along that arm. */
    public function testAStrokeIsToldFromWhereItBegins(): void
    {
        $movement = Make::craft()->library->get('stroke-arm');
        $joints = Settled::restBody(DrawnSeat::Chair);
        [$shoulder, $elbow] = array_map(static fn (string $point): int => (int) (10 * Camera::of(View::ThreeQuarter, DrawnSeat::Chair, Side::Left)->page($joints->point($point))[1]), ['shoulder-left', 'elbow-left']);
        foreach (['whole' => [$shoulder - 30, $shoulder + 40], 'elbow' => [$shoulder + 50, $elbow - 30], 'forearm' => [$elbow - 25, $elbow + 40]] as $rung => [$from, $to]) {
            $arrows = self::arrows(Figure::of($movement, $movement->variation($rung), Base::Chair, Side::Left, view: View::ThreeQuarter));
            self::assertCount(1, $arrows);
            self::assertGreaterThan($from, $arrows[0][0][1], $rung);
            self::assertLessThan($to, $arrows[0][0][1], $rung);
        }
    }

    public function testAHandThatOnlyChangesItsPlaceOnAThighIsNoStroke(): void
    {
        // A short way of the hand, drawn out; and that of the fold, over the head.
        foreach (['tap-both-legs' => ['stroke', 120, 1000], 'back-rub-fold' => ['shins', 1000, 350]] as $id => [$rung, $broad, $bottom]) {
            $movement = Make::craft()->library->get($id);
            $arrows = self::arrows(Figure::of($movement, $movement->variation($rung), Base::Chair, Side::Left));
            self::assertCount(1, $arrows, $id);
            [$left, $right] = self::span($arrows[0], 0);
            self::assertLessThan($broad, $right - $left, $id);
            self::assertLessThan($bottom, self::span($arrows[0], 1)[1], $id);
        }
    }

    /** What reaches beyond the ring is cut off by it, so nothing in it ends before its edge but what moves. */
    public function testWhatIsSeenCloserComesInFromItsRing(): void
    {
        $wrong = [];
        $looks = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                $shapes = Drawn::inRing(Figure::of($movement, $rung, $rung->mainBase(), Side::Left));
                $far = array_map(static fn (array $corner): float => hypot($corner[0] - 810, $corner[1] - 200), array_merge(...array_map(static fn (Shape $shape): array => self::corners($shape), $shapes)));
                $looks += $shapes === [] ? 0 : 1;
                $furthest = max([0.0, ...$far]);
                $nearest = min([1000.0, ...$far]);
                if ($shapes !== [] && ($furthest < 190 || $nearest > 100)) {
                    $wrong[] = "$movement->id/$rung->id: from $nearest to $furthest";
                }
            }
        }
        self::assertGreaterThan(100, $looks);
        self::assertSame([], $wrong);
    }

    /** Who leans to the side that is named circles the other arm. */
    public function testTheArmThatCirclesIsTold(): void
    {
        $movement = Make::craft()->library->get('wide-arm-circles');
        foreach (Drawn::everyShape() as $name => [$of, $rung, $base]) {
            if ($of !== $movement) {
                continue;
            }
            $scene = Scene::of($movement, $rung, $base, Side::Left);
            self::assertContains('upper-arm-right', MovingParts::of($movement, $scene, Side::Left), $name);
            self::assertNotContains('upper-arm-left', MovingParts::of($movement, $scene, Side::Left), $name);
        }
        $circle = self::arrows(Figure::of($movement, $movement->variation('elbow'), Base::Chair, Side::Left))[0];
        self::assertGreaterThan(500, self::span($circle, 0)[0], 'round the elbow away from the viewer');
        $turned = Make::craft()->library->get('ease-the-seat');
        self::assertSame(Side::Left, MovingParts::side($turned, Scene::of($turned, $turned->variations[0], Base::Chair, Side::Left), Side::Left));
    }
}
