<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Figure;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\Phase;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a still tells of a movement: where it begins, where it ends, and the way between. */
final class StillTest extends TestCase
{
    private const POINTS = ['head', 'hand-left', 'hand-right', 'elbow-left', 'elbow-right', 'knee-left', 'knee-right', 'toe-left', 'toe-right'];

    /** Hundredths of the page that a point travels from which a still has to tell of it. */
    private const SEEN = 3.0;

    public function testWhatMovesIsToldByAnArrowOrByWhereItBegan(): void
    {
        [$silent, $moving] = [[], 0];
        foreach (Drawn::everyShape() as $name => [$movement, $rung, $base]) {
            if ($movement->mainRegion() === null || self::travels($movement, $rung, $base) < self::SEEN) {
                continue;
            }
            ++$moving;
            $roles = array_column(Figure::of($movement, $rung, $base, Side::Left)->shapes, 'role');
            if (array_intersect(['arrow', 'shadow'], $roles) === []) {
                $silent[] = $name;
            }
        }
        self::assertGreaterThan(1000, $moving);
        self::assertSame([], $silent);
    }

    /** How far the furthest point travels on the page between two steps that are repeated. */
    private static function travels(Movement $movement, Variation $rung, Base $base): float
    {
        $scene = Scene::of($movement, $rung, $base, Side::Left);
        $bodies = array_map(static fn ($step): Skeleton => $scene->posed($scene->pose($step->id), $step)->body, $movement->cycle());
        $most = 0.0;
        foreach ($bodies as $body) {
            foreach (self::POINTS as $point) {
                $most = max($most, $scene->camera->travel($body->point($point)->minus($bodies[0]->point($point))) * $scene->camera->scale());
            }
        }

        return $most;
    }

    public function testWhatIsOnlyTakenUpHasNoArrow(): void
    {
        foreach (['three-strengths/press' => 'hands that press against each other', 'rib-breath/full' => 'hands that lie on ribs', 'even-breath/full' => 'nothing', 'buttock-squeeze/light' => 'too little to be seen'] as $key => $why) {
            self::assertSame(0, self::drawn('arrow', ...self::still($key)->shapes), "$key: $why");
        }
    }

    public function testHandsThatComeToHoldTellNothingOfALean(): void
    {
        $movement = Make::craft()->library->get('hinge-stay');
        $arrows = array_values(array_filter(Figure::of($movement, $movement->variation('half'), Base::Wheelchair, Side::Left)->shapes, static fn (Shape $shape): bool => $shape->role === 'arrow'));
        self::assertCount(1, $arrows, 'that of the head, and none of hands on armrests');
        self::assertLessThan(200, max([0, ...array_column(array_chunk($arrows[0]->numbers(), 2), 1)]), 'over the head');
    }

    public function testWhatGoesToAndFroBeginsAtItsOwnOtherEnd(): void
    {
        $ends = self::scene('hands-behind-head/wide')->ends;
        self::assertSame(['close', 'open'], [$ends->from?->id, $ends->at?->id], 'not with the hands in the lap');
        $held = self::scene('self-hug/full')->ends;
        self::assertNull($held->from, 'what is held begins at rest');
        self::assertSame(Phase::Cycle, $ends->at?->phase);
    }

    /** @return iterable<string, array{0: string, 1: int, 2: int, 3?: Base}> a movement, and where its arrows go: across and down the page, -1, 0 or 1; its base if it is not a chair */
    public static function ways(): iterable
    {
        yield 'elbows bend up' => ['elbow-bend/full', 0, -1];
        yield 'a shoulder sinks' => ['shoulder-press-down/heavy', 0, 1];
        yield 'a low back arches off the mattress' => ['open-chest/half', 0, -1, Base::Bed];
        yield 'hands press down' => ['press-air-down/full', 0, 1];
        yield 'weight goes to the left' => ['seat-rock/gentle', -1, 0];
        yield 'a heel that lifts takes the knee up' => ['march/gentle', 0, -1];
        yield 'hands open from a meeting' => ['open-and-close/half', -1, 0];
    }

    #[DataProvider('ways')]
    public function testAnArrowGoesWhereThePartGoes(string $key, int $across, int $down, Base $base = Base::Chair): void
    {
        $arrows = array_values(array_filter(self::still($key, $base)->shapes, static fn (Shape $shape): bool => $shape->role === 'arrow'));
        self::assertNotSame([], $arrows);
        $numbers = $arrows[0]->numbers();
        // The head of an arrow comes last: one barb, the tip, the other barb.
        [$x, $y] = array_slice($numbers, -4, 2);
        self::assertTrue($across === 0 || ($x <=> $numbers[0]) === $across, "from $numbers[0] to $x");
        self::assertTrue($down === 0 || ($y <=> $numbers[1]) === $down, "from $numbers[1] to $y");
    }

    public function testACloserLookShowsWhereItBeganAndItsWay(): void
    {
        foreach (['heel-toe-rock/full' => 1, 'finger-climb/chin' => 1, 'forearm-turn/full' => 1, 'ankle-circles/heel' => 0, 'toe-spread/full' => 0, 'look-to-hip/full' => 0] as $key => $arrows) {
            $ring = Drawn::inRing(self::still($key));
            self::assertSame(1, self::drawn('shadow', ...$ring), "$key: where it began");
            self::assertSame($arrows, self::drawn('arrow', ...$ring), "$key: its way");
        }
        self::assertSame(0, self::drawn('shadow', ...Drawn::inRing(self::still('eyes-trace/full'))), 'a face has no beginning');
    }

    public function testALimbThatIsNotThereHasNoArrow(): void
    {
        $arrows = static fn (string $id, string $rung, string ...$absent): int => self::drawn('arrow', ...Figure::of(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), Base::Chair, Side::Left, absent: array_values($absent))->shapes);
        // Hands that tell what a chest does; and arms that are what moves.
        self::assertSame([2, 1], [$arrows('open-and-close', 'half'), $arrows('open-and-close', 'half', 'arm-left')]);
        self::assertSame([2, 1, 0], [$arrows('arms-sweep', 'high'), $arrows('arms-sweep', 'high', 'arm-right'), $arrows('arms-sweep', 'high', 'arm-left', 'arm-right')]);
    }

    private static function scene(string $key): Scene
    {
        [$id, $rung] = explode('/', $key);
        $movement = Make::craft()->library->get($id);

        return Scene::of($movement, $movement->variation($rung), Base::Chair, Side::Left);
    }

    private static function still(string $key, Base $base = Base::Chair): Figure
    {
        [$id, $rung] = explode('/', $key);
        $movement = Make::craft()->library->get($id);

        return Figure::of($movement, $movement->variation($rung), $base, Side::Left);
    }

    private static function drawn(string $role, Shape ...$shapes): int
    {
        return count(array_filter($shapes, static fn (Shape $shape): bool => $shape->role === $role));
    }
}
