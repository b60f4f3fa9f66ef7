<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\Figure;
use KindChair\Figure\Motion;
use KindChair\Figure\Pose;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Figure\TableTop;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Movement;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** What is used is drawn where it is used, seen to be used, and moves with the body without losing a line. */
final class PropsTest extends TestCase
{
    private const OF_BODY = ['body', 'far', 'moving', 'moving-far'];

    /** @return iterable<string, array{Movement, Variation}> every rung in which something is used, by rung */
    private static function used(): iterable
    {
        foreach (Make::craft()->library->all() as $movement) {
            foreach ([...$movement->variations, ...$movement->withProps->all()] as $rung) {
                if ($rung->propAt !== null) {
                    yield "$movement->id/$rung->id" => [$movement, $rung];
                }
            }
        }
    }

    /** @return list<Shape> */
    private static function drawn(Movement $movement, Variation $rung): array
    {
        return Drawn::onPage(Figure::of($movement, $rung, $rung->mainBase(), Side::Left));
    }

    /**
     * @param list<Shape> $shapes
     * @param list<string> $roles
     * @return list<int> where in a drawing shapes of these roles are
     */
    private static function places(array $shapes, array $roles): array
    {
        return array_keys(array_filter($shapes, static fn (Shape $shape): bool => in_array($shape->role, $roles, true)));
    }

    /** @return array{int, int, int, int} left, right, top and bottom of where the lines of a shape begin and end, in tenths */
    private static function box(Shape $shape): array
    {
        preg_match_all('/[ML](-?\d+) (-?\d+)/', $shape->data(), $points);
        [$x, $y] = [array_map(intval(...), $points[1]), array_map(intval(...), $points[2])];
        self::assertTrue($x !== [] && $y !== []);

        return [min($x), max($x), min($y), max($y)];
    }

    private static function rung(string $name): Variation
    {
        [$id, $rung] = explode('/', $name);

        return Make::craft()->library->get($id)->variation($rung);
    }

    public function testEachThingKeepsItsLinesWhileItMoves(): void
    {
        $seen = $wrong = [];
        foreach (self::used() as $name => [$movement, $rung]) {
            $kind = "{$rung->propAt?->value} " . implode('+', $rung->props);
            if (isset($seen[$kind])) {
                continue;
            }
            $seen[$kind] = true;
            $motion = Motion::of($movement, $rung, $rung->mainBase(), Side::Left, Make::even());
            $told = $motion->toArray();
            $holes = array_map(static fn (array $shape): int => substr_count($shape['d'], '$'), $told['body']);
            foreach ($motion->steps as $step) {
                foreach ($step['frames'] as $frame) {
                    if (array_map('count', $frame) !== $holes) {
                        $wrong[$name] = $kind;
                    }
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(50, count($seen), 'every kind of thing was looked at');
    }

    public function testWhatBelongsToTheSeatIsNotDrawnOnceMore(): void
    {
        $drawn = [];
        $of = 0;
        foreach (self::used() as $name => [$movement, $rung]) {
            $isOfSeat = array_intersect($rung->props, ['armrest', 'backrest', 'rail']) !== [];
            $of += $isOfSeat ? 1 : 0;
            if ($isOfSeat && self::places(self::drawn($movement, $rung), ['prop']) !== []) {
                $drawn[] = $name;
            }
        }
        self::assertSame([], $drawn);
        self::assertGreaterThan(50, $of);
    }

    public function testWhatIsInAHandIsSeenBeyondIt(): void
    {
        $hidden = [];
        $looked = 0;
        foreach (self::used() as $name => [$movement, $rung]) {
            if (!in_array($rung->propAt, [PropPlace::InHand, PropPlace::BetweenPalms], true) || $rung->props === ['towel'] && $rung->propAt === PropPlace::BetweenPalms) {
                continue;
            }
            ++$looked;
            $shapes = self::drawn($movement, $rung);
            $thing = $shapes[self::places($shapes, ['prop-edge'])[0]];
            [$left, $right, $top, $bottom] = self::box($thing);
            preg_match_all('/A(\d+)/', $thing->data(), $round);
            // A fist is 6 units across.
            if (max(hypot($right - $left, $bottom - $top), 2 * max([0, ...array_map(intval(...), $round[1])])) < 65) {
                $hidden[] = $name;
            }
        }
        self::assertSame([], $hidden);
        self::assertGreaterThan(100, $looked);
    }

    public function testFeetHideWhatTheyStandOnAndTheBackWhatIsHeldBehindIt(): void
    {
        $library = Make::craft()->library;
        $first = static function (string $id, string $rung) use ($library): array {
            $shapes = self::drawn($library->get($id), $library->get($id)->variation($rung));

            return [self::places($shapes, ['prop'])[0], self::places($shapes, self::OF_BODY)[0]];
        };
        foreach (['arrive/back+block-under-feet', 'heel-toe-rock/small+towel-under-feet', 'clasp-behind/link+strap-in-hands'] as $under) {
            [$prop, $body] = $first(...explode('/', $under));
            self::assertLessThan($body, $prop, $under);
        }
        foreach (['arms-flow/high+towel-in-hands', 'half-lift/half+block-on-lap', 'leg-raise-strap/heel+towel-round-foot'] as $over) {
            [$prop, $body] = $first(...explode('/', $over));
            self::assertGreaterThan($body, $prop, $over);
        }
    }

    public function testABlockBesideTheSeatStandsUnderTheHandAndOnSomething(): void
    {
        $rungs = array_filter(iterator_to_array(self::used()), static fn (array $one): bool => $one[1]->propAt === PropPlace::Beside && $one[1]->props === ['block']);
        self::assertGreaterThan(5, count($rungs));
        foreach ($rungs as $name => [$movement, $rung]) {
            $shapes = self::drawn($movement, $rung);
            [, , $top, $bottom] = self::box($shapes[self::places($shapes, ['prop'])[0]]);
            self::assertGreaterThan(20, $bottom - $top, "$name: it has a height");
            self::assertLessThan(1000, $bottom, "$name: it stands on the page");
        }
    }

    /** A table is as high as the arms that it carries: they neither hang over it nor go through it. */
    public function testArmsThatATableCarriesLieOnIt(): void
    {
        $looked = 0;
        foreach (self::used() as $name => [$movement, $rung]) {
            $scene = Scene::of($movement, $rung, $rung->mainBase(), Side::Left);
            $poses = array_map(static fn (Step $step): Pose => $scene->pose($step->id), $movement->steps);
            $table = TableTop::of(TableTop::isUsed($rung), $scene->use, $scene->seat, $poses);
            $heights = [];
            foreach ($table === null || !$rung->body->has(BodyNote::ArmsCarried) && $rung->body->elbows === [] ? [] : $poses as $pose) {
                foreach (array_filter(Side::cases(), static fn (Side $side): bool => !$pose->restsArm($side)) as $side) {
                    array_push($heights, ...array_map(static fn (string $joint): float => Skeleton::of($pose, $scene->seat)->point("$joint-$side->value")->y, ['elbow', 'wrist', 'hand']));
                }
            }
            if ($table !== null && $heights !== []) {
                ++$looked;
                self::assertGreaterThan(-Contacts::NEAR, min($heights) - $table->top, "$name goes through it");
                self::assertLessThan(7.0, min($heights) - $table->top, "$name hangs over it");
            }
        }
        self::assertGreaterThan(15, $looked);
    }

    public function testAWallInFrontIsThere(): void
    {
        $movement = Make::craft()->library->get('calf-step-back');
        self::assertCount(1, self::places(self::drawn($movement, self::rung('calf-step-back/stand+wall-in-front')), ['sheet']));
        self::assertSame([], self::places(self::drawn($movement, self::rung('calf-step-back/stand')), ['sheet']));
    }

    public function testABandGoesRoundBothThighsAndAScarfLeavesTheFaceFree(): void
    {
        $shapes = self::drawn(Make::craft()->library->get('knees-out'), self::rung('knees-out/small+band-between-knees'));
        $band = $shapes[self::places($shapes, ['prop'])[0]];
        self::assertGreaterThan(0, $band->line, 'a band is a line');
        [$left, $right] = self::box($band);
        self::assertGreaterThan(150, $right - $left, 'from one thigh to the other');

        $shapes = Figure::of(Make::craft()->library->get('chin-nod'), self::rung('chin-nod/small+towel-round-shoulders'), Base::Chair, Side::Left)->shapes;
        $scarf = $shapes[self::places($shapes, ['prop'])[0]];
        self::assertSame(2, substr_count($scarf->data(), 'M'), 'an end on each side');
    }

    public function testWhatARungUsesIsSeenInItsPicture(): void
    {
        $unseen = [];
        foreach (Drawn::everyShape() as $name => [$movement, $rung, $base]) {
            // What belongs to a seat or is a seat is drawn as one.
            if (array_diff($rung->props, ['armrest', 'backrest', 'rail', 'table', 'wall', 'second-chair']) === []) {
                continue;
            }
            $roles = array_column(Figure::of($movement, $rung, $base, Side::Left)->shapes, 'role');
            if ($rung->propAt === null || !in_array('prop', $roles, true)) {
                $unseen[] = $name;
            }
        }
        self::assertSame([], $unseen);
    }

    public function testARolledTowelIsBroaderThanAStrap(): void
    {
        $broad = static function (string $id, string $rung): int {
            $shapes = Figure::of(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), Base::Chair, Side::Left)->shapes;

            return max([0, ...array_map(static fn (Shape $shape): int => $shape->role === 'prop' ? $shape->line : 0, $shapes)]);
        };
        self::assertSame(2 * $broad('strap-raise', 'high'), $broad('wring-towel', 'towel'));
    }
}
