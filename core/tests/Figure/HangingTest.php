<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Camera;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Grip;
use KindChair\Figure\HandsOver;
use KindChair\Figure\Scene;
use KindChair\Figure\SeatMeasures;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Figure\Vector;
use KindChair\Movement\Base;
use KindChair\Movement\View;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** Nothing goes through what is sat on: arms hang in the lap or outside of it, and a leg goes back over its edge. */
final class HangingTest extends TestCase
{
    /** Units of 1.65 cm by which a hand and what it lies on give. */
    private const GIVES = 1.6;

    /** @return iterable<string, array{Skeleton, DrawnSeat}> every step of every rung on every base, chairs with and without arms */
    private static function everyBody(): iterable
    {
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            foreach ($base === Base::Chair ? [false, true] : [false] as $withArms) {
                $scene = Scene::of($movement, $variation, $base, Side::Left, $withArms, View::ThreeQuarter);
                foreach ($movement->steps as $step) {
                    yield "$name, {$scene->seat->value}, $step->id" => [$scene->posed($scene->pose($step->id), $step)->body, $scene->seat];
                }
            }
        }
    }

    private static function body(string $movement, string $rung, string $step, Base $base): Skeleton
    {
        $found = Make::craft()->library->get($movement);
        $scene = Scene::of($found, $found->variation($rung), $base, Side::Left);
        foreach ($found->steps as $at) {
            if ($at->id === $step) {
                return $scene->posed($scene->pose($step), $at)->body;
            }
        }
        self::fail("$movement has no step $step");
    }

    /** @return list<Vector> along the way over these joints */
    private static function along(Skeleton $body, string ...$joints): array
    {
        $points = [];
        foreach (array_slice($joints, 1) as $i => $to) {
            $from = $body->point($joints[$i]);
            foreach (range(0, 10) as $tenth) {
                $points[] = $from->plus($body->point($to)->minus($from), $tenth / 10);
            }
        }

        return $points;
    }

    /** Whether a point is in the plate of a seat. */
    private static function isInSeat(Vector $at, DrawnSeat $seat): bool
    {
        $isBetween = $seat === DrawnSeat::Sideways ? $at->z > 1.0 && $at->z < 23.0 : $at->z > -10.5 && $at->z < 15.5;

        return $isBetween && abs($at->x) < 12.5 && $at->y < -5.9 && $at->y > -8.1;
    }

    private static function isInWheelOrBesideSeat(Vector $at, DrawnSeat $seat): bool
    {
        $isInWheel = $seat === DrawnSeat::Wheelchair && abs(abs($at->x) - 15.5) < 1.3 && hypot($at->y + 13.85, $at->z + 4.0) < 17.5;

        return $isInWheel || abs($at->x) < 14.5 && abs($at->x) > 9.0 && $at->y < -6.0 && abs($at->z) < 10.0;
    }

    public function testNoArmGoesThroughWhatIsSatOn(): void
    {
        $in = [];
        foreach (self::everyBody() as $what => [$body, $seat]) {
            foreach (Side::cases() as $side) {
                foreach (self::along($body, "elbow-$side->value", "wrist-$side->value", "fingers-$side->value") as $at) {
                    $isIn = match ($seat) {
                        DrawnSeat::Chair, DrawnSeat::Sideways => self::isInSeat($at, $seat),
                        DrawnSeat::Armchair, DrawnSeat::Wheelchair => self::isInSeat($at, $seat) || self::isInWheelOrBesideSeat($at, $seat),
                        default => false,
                    };
                    if ($isIn) {
                        $in["$what: $side->value"] = sprintf('%.1f, %.1f, %.1f', $at->x, $at->y, $at->z);
                    }
                }
            }
        }
        self::assertSame([], array_slice($in, 0, 8), count($in) . ' in all');
    }

    public function testNoArmSinksIntoTheMattress(): void
    {
        $sunk = [];
        foreach (self::everyBody() as $what => [$body, $seat]) {
            $under = SeatMeasures::underBack($seat);
            if ($under === null) {
                continue;
            }
            foreach (Side::cases() as $side) {
                foreach (["elbow-$side->value", "wrist-$side->value", "hand-$side->value"] as $joint) {
                    $over = $under[1];
                    $at = $body->point($joint)->minus($under[0]);
                    // Beyond the upper end of the bed nothing is in the way.
                    $deep = $at->dot(new Vector(0, $over->z, -$over->y)) < 46.0 ? $at->dot($over) : 0.0;
                    if ($seat === DrawnSeat::Bed) {
                        [, [$from, $way, $long, $over]] = SeatMeasures::mattress($seat);
                        $at = $body->point($joint)->minus($from);
                        $deep = $at->dot($way) > 0 && $at->dot($way) < $long ? min($deep, $at->dot($over)) : $deep;
                    }
                    // A hand that holds the low back lies between it and the mattress.
                    $gives = str_contains($what, 'hands-on-low-back') || str_contains($what, 'behind-and-turn/waist') ? 2 * self::GIVES + 0.5 : self::GIVES;
                    if ($deep < -$gives) {
                        $sunk["$what: $joint"] = round($deep, 1);
                    }
                }
            }
        }
        self::assertSame([], array_slice($sunk, 0, 8), count($sunk) . ' in all');
    }

    public function testWhoLiesArchesOffTheMattressAndNotIntoIt(): void
    {
        [$at, $over] = SeatMeasures::underBack(DrawnSeat::Bed) ?? self::fail('a bed has a back');
        $high = static fn (Skeleton $body, string $point): float => $body->point($point)->minus($at)->dot($over);
        [$flat, $arched] = [self::body('open-chest', 'full', 'return', Base::Bed), self::body('open-chest', 'full', 'in', Base::Bed)];
        self::assertGreaterThan($high($flat, 'middle') + 0.5, $high($arched, 'middle'), 'the middle of the back comes up');
        self::assertEqualsWithDelta($high($flat, 'chest'), $high($arched, 'chest'), 0.5, 'the shoulders stay');
        foreach (self::everyBody() as $what => [$body, $seat]) {
            if ($seat === DrawnSeat::Bed) {
                self::assertGreaterThan($high(Settled::restBody($seat), 'head') - 1.0, $high($body, 'head'), "$what: the head lies on its pillow");
            }
        }
    }

    public function testWhoLeansOnTheBackrestIsDrawnAgainstIt(): void
    {
        foreach ([Base::Chair, Base::Wheelchair] as $base) {
            // Half the depth of the trunk behind the spine; the backrest leans back a little itself.
            $gap = static fn (string $rung): float => self::body('quiet-sitting', $rung, Make::craft()->library->get('quiet-sitting')->steps[0]->id, $base)->point('chest')->z - 5.5 - SeatMeasures::BACK;
            self::assertLessThan(1.5, $gap('back'), $base->value);
            self::assertGreaterThan(4.0, $gap('tall'), $base->value);
        }
    }

    public function testWhoSitsSidewaysTakesTheLegBackOverTheEdge(): void
    {
        $seen = 0;
        foreach (self::everyBody() as $what => [$body, $seat]) {
            foreach ($seat === DrawnSeat::Sideways ? Side::cases() : [] as $side) {
                foreach (self::along($body, "hip-$side->value", "knee-$side->value", "ankle-$side->value") as $at) {
                    self::assertFalse(self::isInSeat($at, $seat), "$what: $side->value leg");
                }
                ++$seen;
            }
        }
        self::assertGreaterThan(40, $seen);
    }

    public function testArmsThatHangLieInTheLap(): void
    {
        foreach ([Base::Chair, Base::Wheelchair] as $base) {
            $body = self::body('shoulder-lift', 'small', 'lift', $base);
            foreach (['left', 'right'] as $side) {
                self::assertLessThan(5.0, $body->point("hand-$side")->from($body->point("hip-$side"), $body->point("knee-$side")));
            }
            self::assertGreaterThan(self::body('shoulder-lift', 'small', 'drop', $base)->point('shoulder-left')->y, $body->point('shoulder-left')->y, 'the shoulders still lift');
        }
    }

    public function testAnArmLaidInTheLapLooksAsAtRestHoweverItIsWritten(): void
    {
        $scene = static fn (string $id, string $rung): Scene => Scene::of(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), Base::Chair, Side::Left);
        $sigh = $scene('opening-sighs', 'quiet');
        self::assertLessThan(1.0, $sigh->pose('sigh')->difference($sigh->rest));
        $shrug = $scene('shoulder-lift', 'small');
        self::assertGreaterThan(12.0, $shrug->pose('lift')->difference($shrug->rest), 'but a shoulder that lifts is seen');
        $lean = $scene('side-lean', 'arm');
        self::assertGreaterThan(20.0, $lean->pose('lean')->difference($lean->rest));
    }

    public function testArmsThatGoBackHangOutsideOfWhatIsSatOn(): void
    {
        $out = static fn (Base $base): float => self::body('clasp-behind', 'sides', 'take', $base)->point('hand-right')->x;
        self::assertGreaterThan(12.5, $out(Base::Chair));
        self::assertLessThan(17.0, $out(Base::Chair), 'no further than it takes');
        $sunk = self::body('arms-sweep', 'shoulder', 'down', Base::Wheelchair)->point('hand-right')->x;
        self::assertGreaterThan(16.8, $sunk, 'beyond the wheel');
    }

    public function testAHandOnTheArmrestLiesOverTheBeltAndOneBehindTheBackDoesNot(): void
    {
        $camera = Camera::of(View::ThreeQuarter, DrawnSeat::Wheelchair, Side::Left);
        $free = Grip::free(0.0, 0.0);
        $order = ['torso', 'lower-arm-left', 'thigh-left'];
        $hand = static fn (string $movement, string $rung, string $step, Base $base): Vector => self::body($movement, $rung, $step, $base)->point('hand-left')->minus(self::body($movement, $rung, $step, $base)->point('hip-left'));
        $onArmrest = $hand('seated-twist', 'look', 'turn', Base::Wheelchair);
        self::assertSame(['torso', 'thigh-left', 'lower-arm-left'], HandsOver::lap($order, $free, $onArmrest, $camera, Side::Left));
        self::assertSame($order, HandsOver::lap($order, Grip::resting(new Vector(0, 0, 0), 'thigh-left'), $onArmrest, $camera, Side::Left), 'what lies on the body has its place');
        self::assertSame($order, HandsOver::lap($order, $free, $hand('hands-on-low-back', 'back', 'breathe-in', Base::Chair), $camera, Side::Left), 'a hand behind the back');
        $behind = ['lower-arm-left', 'torso', 'thigh-left'];
        self::assertSame($behind, HandsOver::lap($behind, $free, $onArmrest, $camera, Side::Left));
    }
}
