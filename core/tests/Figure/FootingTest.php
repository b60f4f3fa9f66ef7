<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Demand\Shape as Asked;
use KindChair\Figure\Figure;
use KindChair\Figure\Measures;
use KindChair\Figure\Scene;
use KindChair\Figure\Shape;
use KindChair\Figure\Skeleton;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** A foot that stands on something is lifted by it, and what it asks of hip and knee is worked out from there. */
final class FootingTest extends TestCase
{
    private const CM = 1 / 1.65;

    /** @return iterable<string, array{Movement, Variation, Base}> */
    private static function rungs(PropPlace ...$places): iterable
    {
        foreach (Make::craft()->library->all() as $movement) {
            foreach ([...$movement->variations, ...$movement->withProps->all()] as $rung) {
                foreach (in_array($rung->propAt, $places, true) ? array_intersect(['chair', 'wheelchair'], array_column($rung->bases, 'value')) : [] as $base) {
                    yield "$movement->id/$rung->id $base" => [$movement, $rung, Base::from($base)];
                }
            }
        }
    }

    public function testAFootIsJustOnWhatIsUnderItAndOnTheFloorInBetween(): void
    {
        $wrong = [];
        $stand = $between = 0;
        foreach (self::rungs(PropPlace::UnderFoot, PropPlace::UnderHeel) as $name => [$movement, $rung, $base]) {
            if ($rung->props === ['towel'] && $rung->propAt === PropPlace::UnderFoot) {
                continue;
            }
            $moves = array_map(static fn (Angles $angles): bool => self::movesLeg($angles), $rung->angles);
            foreach (Side::cases() as $side) {
                $scene = Scene::of($movement, $rung, $base, $side);
                foreach ($movement->steps as $step) {
                    $over = (Skeleton::of($scene->pose($step->id), $scene->seat)->point("ankle-$side->value")->y - Measures::FLOOR - Measures::ANKLE) / self::CM;
                    // Where no step moves the leg, the foot stays on it.
                    $isOn = $moves[$step->id] || !in_array(true, $moves, true);
                    ++${$isOn ? 'stand' : 'between'};
                    $high = $rung->props === ['ball'] ? 3.0 : 4.3;
                    // A heel that is lifted takes the ankle with it.
                    $most = ($rung->angles[$step->id]->byRole['work']['ankle-down'] ?? 0) > 15 ? $high + 6.0 : $high + 0.3;
                    if ($isOn ? $over < $high - 0.3 || $over > $most : $over > 2.0) {
                        $wrong[] = "$name $step->id $side->value: $over cm";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(200, $stand);
        self::assertGreaterThan(30, $between, 'as in a march on to a block and down again');
    }

    /** Whether hip or knee of the leg that works are written to be elsewhere than where somebody sits. */
    private static function movesLeg(Angles $angles): bool
    {
        foreach ([...($angles->byRole['work'] ?? []), ...($angles->byRole['both'] ?? [])] as $action => $degrees) {
            if (preg_match('/^(hip|knee)-(?!hinge)/', $action) === 1 && $degrees !== (in_array($action, ['hip-flexion', 'knee-flexion'], true) ? 90 : 0)) {
                return true;
            }
        }

        return false;
    }

    public function testAFootOnSomethingLiesOnNoLeg(): void
    {
        $crossed = [];
        foreach (self::rungs(PropPlace::UnderFoot) as $name => [, $rung]) {
            if ($rung->body->legs !== null) {
                $crossed[] = $name;
            }
        }
        self::assertSame([], $crossed);
        $movement = Make::craft()->library->get('thigh-cross');
        self::assertNotNull($movement->variation('thigh')->body->legs, 'without the block the legs are crossed');
    }

    public function testWhatLiftsAFootClosesTheHipByThatMuch(): void
    {
        $hip = static fn (string $id, string $rung): int => max(0, ...array_map(
            static fn (string $step): int => (new Asked(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), Base::Chair))->hip($step, Side::Left),
            array_column(Make::craft()->library->get($id)->steps, 'id'),
        ));
        // A thigh of 40 cm that comes up 4.3 cm: 6 degrees.
        self::assertSame(94, $hip('ball-roll', 'sock'), 'a soft ball sinks in');
        self::assertSame(96, $hip('twist-crossed', 'knee+block-under-foot'));
        self::assertSame(96, $hip('figure-four', 'thigh+block-under-foot'), 'also with the knee turned out: whoever must keep it below the hip is not offered a block');
        $long = Make::craft()->library->get('heel-forward-hinge');
        self::assertLessThan(90, (new Asked($long, $long->variation('full+block-under-heel'), Base::Chair))->hip('take', Side::Left), 'a long leg lies lower');
        foreach (self::rungs(PropPlace::UnderLeg) as $name => [$movement, $rung, $base]) {
            $asked = new Asked($movement, $rung, $base);
            foreach ($asked->steps() as $step) {
                self::assertLessThanOrEqual(97, $asked->hip($step, Side::Left), "$name: a leg that is laid up does not close the hip further than sitting does");
            }
        }
    }

    public function testWhoMustKeepTheKneeBelowTheHipIsOfferedASoftBallButNoBlock(): void
    {
        $craft = Make::craft();
        $hip = $craft->precautions->get('hip-replaced-back');
        $refused = static function (string $id, string $rung) use ($craft, $hip): bool {
            $movement = $craft->library->get($id);

            return array_filter($craft->demands->of($movement, $movement->variation($rung), Base::Chair), $hip->refuses(...)) !== [];
        };

        self::assertFalse($refused('ball-roll', 'sock'));
        self::assertFalse($refused('knee-circles', 'light'));
        self::assertTrue($refused('figure-four', 'thigh'), 'a leg across');
        self::assertTrue($refused('figure-four', 'thigh+block-under-foot'), 'and a foot on a block, which closes the hip');

        $knee = $craft->precautions->get('knee-pain');
        $asks = $craft->demands->of($craft->library->get('figure-four'), $craft->library->get('figure-four')->variation('thigh+block-under-foot'), Base::Chair);
        self::assertSame([], array_filter($asks, $knee->refuses(...)), 'a painful knee is not turned there');
        $asks = $craft->demands->of($craft->library->get('figure-four'), $craft->library->get('figure-four')->variation('thigh'), Base::Chair);
        self::assertNotSame([], array_filter($asks, $knee->refuses(...)));
    }

    public function testItIsDrawnBetweenTheFarLegAndTheOneThatIsOnIt(): void
    {
        $wrong = [];
        foreach (self::rungs(PropPlace::UnderFoot, PropPlace::UnderHeel, PropPlace::UnderLeg) as $name => [$movement, $rung, $base]) {
            $shapes = Figure::of($movement, $rung, $base, Side::Left)->shapes;
            $at = static fn (string ...$roles): array => array_keys(array_filter($shapes, static fn (Shape $shape): bool => in_array($shape->role, $roles, true)));
            $things = $rung->propAt === PropPlace::UnderLeg ? array_slice($at('seat'), -2) : $at('prop');
            $near = $at('body', 'moving');
            if ($things === [] || $near === [] || max($things) > max($near) || $at('far', 'moving-far') !== [] && min($things) < min($at('far', 'moving-far'))) {
                $wrong[] = $name;
            }
        }
        self::assertSame([], $wrong);
    }

    public function testWhoHasSomethingUnderBothFeetSitsHigherOverTheFloor(): void
    {
        $movement = Make::craft()->library->get('arrive');
        $lowest = static fn (string $rung, string $role): int => max(0, ...array_map(static function (Shape $shape): int {
            preg_match_all('/[ML]-?\d+ (-?\d+)/', $shape->data(), $heights);

            return max(0, ...array_map(intval(...), $heights[1]));
        }, array_filter(Figure::of($movement, $movement->variation($rung), Base::Chair, Side::Left)->shapes, static fn (Shape $shape): bool => $shape->role === $role)));

        self::assertSame($lowest('back', 'body'), $lowest('back+block-under-feet', 'body'), 'who sits there stays as high');
        // 4.3 cm are 2.6 units, on the page 2.4.
        self::assertEqualsWithDelta(24, $lowest('back+block-under-feet', 'seat') - $lowest('back', 'seat'), 2);
        self::assertGreaterThan($lowest('back+block-under-feet', 'body'), $lowest('back+block-under-feet', 'prop'));
    }

    public function testABallUnderTheSoleIsInTheCloserLookToo(): void
    {
        $movement = Make::craft()->library->get('ball-roll');
        $shapes = Figure::of($movement, $movement->variation('ball'), Base::Chair, Side::Left)->shapes;
        $roles = array_column(array_map(static fn (Shape $shape): array => $shape->toArray(), $shapes), 'role');
        self::assertSame(2, count(array_keys($roles, 'prop', true)));
        self::assertGreaterThan(array_search('inset', $roles, true), array_keys($roles, 'prop', true)[1], 'one of them on the ground of the closer look');
    }
}
