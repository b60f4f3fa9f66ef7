<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\HandPlaces;
use KindChair\Figure\Pose;
use KindChair\Figure\Scene;
use KindChair\Figure\Skeleton;
use KindChair\Figure\StayingArms;
use KindChair\Movement\Base;
use KindChair\Movement\BodyUse;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Step;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** A hand that lies somewhere before and after a step does not leave it on the way. */
final class StayingArmsTest extends TestCase
{
    /** How far a hand may be off its place on the way, beyond what it is at both ends: units of 1.65 cm, between one place on a seat and the next. */
    private const OFF = 3.0;

    private static function off(Skeleton $body, Side $side, HandPlace $place, bool $isAcross, DrawnSeat $seat): float
    {
        [$palm, $fingers] = [$body->point("hand-$side->value"), $body->point("fingers-$side->value")];

        return min(array_map(static fn ($at): float => $at->from($palm, $fingers), HandPlaces::of($place, $side, $isAcross, $body, $seat)));
    }

    /**
     * @param array{Step|null, Pose} $from
     * @param array{Step, Pose} $to
     * @return array<string, float> by side, how much further off than at both ends a hand is that lies at one place in both
     */
    private static function slips(Scene $scene, BodyUse $use, array $from, array $to): array
    {
        $staying = $scene->staying($from[1], $from[0], Side::Left, $to[1], $to[0], Side::Left);
        [$before, $after] = array_map(static fn (array $at): array => StayingArms::lying($use, $at[0], $at[1], Side::Left, $scene->seat), [$from, $to]);
        $slips = [];
        foreach (Side::cases() as $side) {
            $lies = $after[$side->value] ?? null;
            if ($lies === null || $lies !== ($before[$side->value] ?? null) || HandPlaces::movesWithArms($lies[0])) {
                continue;
            }
            $off = static fn (Pose $pose): float => self::off(Skeleton::of($pose, $scene->seat), $side, $lies[0], $lies[1], $scene->seat);
            $ends = max($off($from[1]), $off($to[1]));
            $slips[$side->value] = max(array_map(static fn (float $share): float => $off($staying->on($from[1]->towards($to[1], $share), $share)) - $ends, [0.25, 0.5, 0.75]));
        }

        return $slips;
    }

    public function testHandsStayWhereTheyLieInEveryStepOfEveryRung(): void
    {
        $slipped = [];
        $looked = 0;
        foreach (Drawn::everyShape() as $name => [$movement, $rung, $base]) {
            if ($rung->body->hands === []) {
                continue;
            }
            $scene = Scene::of($movement, $rung, $base, Side::Left);
            $from = [null, $scene->rest];
            foreach ([...$movement->steps, $movement->steps[0]] as $step) {
                $to = [$step, $scene->pose($step->id)];
                foreach (self::slips($scene, $rung->body, $from, $to) as $side => $slips) {
                    ++$looked;
                    if ($slips > self::OFF) {
                        $slipped[] = sprintf('%s to %s: the %s one by %.1f', $name, $step->id, $side, $slips);
                    }
                }
                $from = $to;
            }
        }
        self::assertSame([], $slipped);
        self::assertGreaterThan(1500, $looked);
    }

    /** Who bows to a chair steps back from it and comes up again, with the hands on its rail all the time: without it they went 35 cm through the air. */
    public function testHandsStayOnTheChairOfWhoBowsToIt(): void
    {
        $movement = Make::craft()->library->get('stand-round-open');
        $rung = $movement->variation('stand');
        $scene = Scene::of($movement, $rung, Base::Standing, Side::Left);
        $ends = array_map(static fn (Step $step): array => [$step, $scene->pose($step->id)], $movement->cycle());
        foreach (self::slips($scene, $rung->body, $ends[0], $ends[1]) as $slips) {
            self::assertLessThan(1.0, $slips);
        }
    }

    /** An arm that is brought to its place comes out at the shapes that are written, elbow and all. */
    public function testAnArmDoesNotJumpAtTheEnds(): void
    {
        foreach (['stand-round-open' => ['stand', Base::Standing], 'hands-behind-head' => ['head', Base::Chair], 'sit-to-stand' => ['light', Base::Chair], 'twist-hands-head' => ['head', Base::Bed]] as $id => [$rung, $base]) {
            $movement = Make::craft()->library->get($id);
            $scene = Scene::of($movement, $movement->variation($rung), $base, Side::Left);
            [$one, $two] = $movement->cycle();
            [$from, $to] = [$scene->pose($one->id), $scene->pose($two->id)];
            $staying = $scene->staying($from, $one, Side::Left, $to, $two, Side::Left);
            foreach ([[0.01, $from], [0.99, $to]] as [$share, $end]) {
                [$near, $there] = [Skeleton::of($staying->on($from->towards($to, $share), $share), $scene->seat), Skeleton::of($end, $scene->seat)];
                foreach (['elbow-left', 'elbow-right', 'hand-left', 'hand-right'] as $point) {
                    // Two and a half centimetres: an arm that is told by other angles lifts its shoulder by other amounts.
                    self::assertLessThan(1.5, $near->point($point)->minus($there->point($point))->length(), "$id: $point at $share");
                }
            }
        }
    }

    public function testAHandThatGoesSomewhereIsNotHeldBack(): void
    {
        $movement = Make::craft()->library->get('arms-sweep');
        $rung = $movement->variation('high');
        $scene = Scene::of($movement, $rung, Base::Chair, Side::Left);
        $up = $scene->pose($movement->steps[0]->id);
        $half = $scene->rest->towards($up, 0.5);

        self::assertSame($half, $scene->staying($scene->rest, null, Side::Left, $up, $movement->steps[0], Side::Left)->on($half, 0.5));
    }
}
