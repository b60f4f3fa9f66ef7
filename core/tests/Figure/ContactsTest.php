<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\HandPlaces;
use KindChair\Figure\Measures;
use KindChair\Figure\Posed;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Figure\Vector;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\Effort;
use KindChair\Movement\HandPlace;
use KindChair\Movement\LegContact;
use KindChair\Movement\Movement;
use KindChair\Movement\PropPlace;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hands, feet and crossed legs are where a movement says: in space, on the page, on every seat, on both sides. */
final class ContactsTest extends TestCase
{
    private const CM = 1 / 1.65;

    public function testEveryHandOfTheLibraryIsWithinFourCentimetres(): void
    {
        $missed = [];
        $looked = 0;
        foreach (self::onEverySeat() as [$movement, $variation, $base, $withArms]) {
            foreach ($movement->steps as $step) {
                foreach (Side::cases() as $named) {
                    foreach (Contacts::missed($variation, $step, $base, $named, $withArms) as $hand) {
                        ++$looked;
                        if ($hand['short'] > 4 * self::CM) {
                            $missed[] = "$movement->id/$variation->id $base->value $step->id {$hand['side']->value} on {$hand['contact']->on->value}";
                        }
                    }
                }
            }
        }
        self::assertSame([], $missed);
        self::assertGreaterThan(3000, $looked);
    }

    public function testAHandDrawnOnAThighIsOnItOnThePage(): void
    {
        $off = [];
        foreach (self::onEverySeat() as [$movement, $variation, $base, $withArms]) {
            foreach (BaseHands::use($variation, $base)->hands as $contact) {
                if ($contact->on !== HandPlace::Thigh && $contact->on !== HandPlace::Knee) {
                    continue;
                }
                $scene = Scene::of($movement, $variation, $base, Side::Left, $withArms);
                foreach (array_filter($movement->steps, static fn (Step $step): bool => $contact->holdsDuring($step->id, $step->phase)) as $step) {
                    $body = Skeleton::of($scene->pose($step->id), $scene->seat);
                    foreach (array_filter($contact->who->sides(Side::Left)) as $side) {
                        $leg = $contact->isAcross ? $side->other() : $side;
                        [$palm, $fingers, $hip, $knee] = array_map(
                            static fn (string $name): Vector => new Vector(...[...$scene->camera->page($body->point($name)), 0.0]),
                            ["hand-$side->value", "fingers-$side->value", "hip-$leg->value", "knee-$leg->value"],
                        );
                        // The line of a thigh is in its middle: half its thickness comes to it.
                        $short = min($palm->from($hip, $knee), $fingers->from($hip, $knee)) - 3.3;
                        if ($short > 4 * self::CM) {
                            $off[] = "$movement->id/$variation->id $base->value $step->id: $short";
                        }
                    }
                }
            }
        }
        self::assertSame([], $off);
    }

    /** Where a hand lies that works on a part of the body, as a movement names it. */
    private const WORKED_ON = [
        'thigh' => [HandPlace::Thigh, HandPlace::Knee], 'the thighs' => [HandPlace::Thigh, HandPlace::Knee], 'shin' => [HandPlace::Shin], 'foot' => [HandPlace::Foot], 'sole' => [HandPlace::Foot],
        'arm' => [HandPlace::Hand, HandPlace::Elbow, HandPlace::Shoulder], 'hand' => [HandPlace::Hand, HandPlace::OtherHand], 'the back of the hand' => [HandPlace::Hand],
        'waist' => [HandPlace::Waist], 'low back' => [HandPlace::LowBack], 'shoulder' => [HandPlace::Shoulder], 'scalp' => [HandPlace::Head, HandPlace::HeadBack], 'face' => [HandPlace::Face],
    ];
    /** A ball or the other foot does it there. */
    private const WITHOUT_HANDS = ['ball-roll/ball', 'sole-thumbs/floor', 'sole-thumbs/further'];

    public function testAHandThatWorksOnSkinIsOnIt(): void
    {
        $away = [];
        $looked = 0;
        foreach (self::onEverySeat() as [$movement, $variation, $base, $withArms]) {
            foreach (in_array("$movement->id/$variation->id", self::WITHOUT_HANDS, true) ? [] : $variation->body->touch as $touch) {
                ++$looked;
                $scene = Scene::of($movement, $variation, $base, Side::Left, $withArms);
                $apart = INF;
                foreach ($movement->steps as $step) {
                    $apart = min($apart, self::nearestHand($scene->posed($scene->pose($step->id), $step)->body, $scene->seat, self::WORKED_ON[$touch->where], BaseHands::told($variation, $base) !== []));
                }
                // A hand is somewhat thicker than a point of it.
                if ($apart > Contacts::NEAR + 0.2) {
                    $away[] = sprintf('%s/%s %s: %s, away by %.1f', $movement->id, $variation->id, $base->value, $touch->where, $apart);
                }
            }
        }
        self::assertSame([], $away);
        self::assertGreaterThan(60, $looked);
    }

    /**
     * @param list<HandPlace> $places
     * @param bool $isFar whether the limb lies on an armrest or a blanket, where fingers come to it and a palm may not
     */
    private static function nearestHand(Skeleton $body, DrawnSeat $seat, array $places, bool $isFar): float
    {
        $apart = [];
        foreach (Side::cases() as $hand) {
            foreach ($places as $place) {
                foreach ([...HandPlaces::of($place, $hand, false, $body, $seat), ...HandPlaces::of($place, $hand, true, $body, $seat)] as $point) {
                    $apart[] = $point->from($body->point("hand-$hand->value"), $body->point($isFar ? "fingers-$hand->value" : "hand-$hand->value"));
                }
            }
        }

        return min([INF, ...$apart]);
    }

    public function testNoHandThatLiesNowhereGoesIntoAThigh(): void
    {
        $in = [];
        $over = 0;
        foreach (self::onEverySeat() as [$movement, $variation, $base, $withArms]) {
            $scene = Scene::of($movement, $variation, $base, Side::Left, $withArms);
            foreach ($scene->seat->ground() === null ? [] : $movement->steps as $step) {
                $body = $scene->posed($scene->pose($step->id), $step)->body;
                $lying = array_column(Contacts::during(BaseHands::use($variation, $base), $step->id, $step->phase), 0);
                foreach (array_filter(Side::cases(), static fn (Side $side): bool => !in_array($side, $lying, true)) as $hand) {
                    foreach (Side::cases() as $leg) {
                        $away = $body->point("hand-$hand->value")->from($body->point("hip-$leg->value"), $body->point("knee-$leg->value"));
                        $over += $away < 4.5 ? 1 : 0;
                        if ($away < 2.5) {
                            $in[] = "$movement->id/$variation->id $base->value $step->id $hand->value: $away";
                        }
                    }
                }
            }
        }
        self::assertSame([], $in);
        self::assertGreaterThan(500, $over, 'many lie on a thigh or are just over it');
    }

    public function testFeetThatAreNotLiftedStandWithinTwoCentimetres(): void
    {
        $off = [];
        foreach (self::onEverySeat() as [$movement, $variation, $base, $withArms]) {
            $scene = Scene::of($movement, $variation, $base, Side::Left, $withArms);
            $rest = Skeleton::of(Settled::rest($scene->seat), $scene->seat);
            foreach ($movement->steps as $step) {
                $body = Skeleton::of($scene->pose($step->id), $scene->seat);
                $named = $variation->anglesOn($base, $withArms)[$step->id]->on(Side::Left);
                foreach (Side::cases() as $side) {
                    $raised = $variation->body->works(Effort::Lift) || $variation->body->legs !== null;
                    foreach ($named as $angle) {
                        $raised = $raised || $angle->side === $side && $angle->action->value === 'hip-flexion' && $angle->degrees > $scene->seat->restingHip();
                    }
                    $lowest = min($body->point("ankle-$side->value")->y, $scene->seat === DrawnSeat::Standing ? $body->point('ankle-' . $side->other()->value)->y : INF);
                    // What a foot stands on is measured in FootingTest.
                    $isOn = $side === Side::Left && in_array($variation->propAt, [PropPlace::UnderFoot, PropPlace::UnderHeel], true);
                    $raised = $raised || $isOn || $variation->propAt === PropPlace::UnderLeg;
                    if (!$raised && abs($lowest - $rest->point("ankle-$side->value")->y) > 2 * self::CM && !self::liftsItsHeel($body, $side)) {
                        $off[] = "$movement->id/$variation->id $base->value $step->id $side->value: " . round($lowest, 1);
                    }
                }
            }
        }
        self::assertSame([], $off);
    }

    /** A foot on its toes: its ankle rises with the heel. */
    private static function liftsItsHeel(Skeleton $body, Side $side): bool
    {
        return $body->point("toe-$side->value")->y < $body->point("ankle-$side->value")->y - 0.01;
    }

    #[DataProvider('crossed')]
    public function testALegLiesOnTheOther(string $id, string $rung, LegContact $legs): void
    {
        $movement = Make::craft()->library->get($id);
        $variation = $movement->variation($rung);
        self::assertSame($legs, $variation->body->legs);
        foreach (Side::cases() as $named) {
            $scene = Scene::of($movement, $variation, Base::Chair, $named);
            $body = $scene->ends->end->body;
            [$over, $under] = [$named->value, $named->other()->value];
            [$from, $to] = $legs === LegContact::AnkleOnShin ? ['knee', 'ankle'] : ['hip', 'knee'];
            $point = $body->point(($legs === LegContact::ThighsCrossed ? 'knee' : 'ankle') . "-$over");
            // Two limbs of about 3 units each lie on each other.
            self::assertLessThan(6.2 + 4 * self::CM, $point->from($body->point("$from-$under"), $body->point("$to-$under")));
            self::assertGreaterThan(0, $point->y - $body->point("ankle-$under")->y);
        }
    }

    /** @return iterable<string, array{string, string, LegContact}> */
    public static function crossed(): iterable
    {
        yield 'an ankle on the thigh' => ['sole-thumbs', 'thigh', LegContact::AnkleOnThigh];
        yield 'an ankle on the shin' => ['figure-four', 'shin', LegContact::AnkleOnShin];
        yield 'a thigh over a thigh' => ['twist-crossed', 'knee', LegContact::ThighsCrossed];
    }

    public function testSittingTallNobodyReachesTheirFoot(): void
    {
        $seat = DrawnSeat::Chair;
        $body = Skeleton::of(Settled::rest($seat), $seat);
        $foot = HandPlaces::of(HandPlace::Foot, Side::Left, false, $body, $seat)[0];
        self::assertGreaterThan(Measures::UPPER_ARM + Measures::FOREARM + Measures::FINGERS, $foot->minus($body->point('shoulder-left'))->length());
    }

    /** @return iterable<array{Movement, Variation, Base, bool}> */
    private static function onEverySeat(): iterable
    {
        foreach (Drawn::everyShape() as [$movement, $variation, $base]) {
            yield [$movement, $variation, $base, false];
            if ($base === Base::Chair) {
                yield [$movement, $variation, $base, true];
            }
        }
    }

    public function testElbowsGoWhereTheyAreWrittenWhileHandsLieOnTheShoulders(): void
    {
        $out = static function (string $rung): float {
            $movement = Make::craft()->library->get('hands-on-shoulders');
            $scene = Scene::of($movement, $movement->variation($rung), Base::Chair, Side::Left);
            $body = $scene->posed($scene->pose('in'), $movement->steps[0])->body;

            return abs($body->point('elbow-left')->x);
        };
        // From low over half wide to wide, by 4 cm at least.
        self::assertGreaterThan($out('gentle') + 2.4, $out('half'));
        self::assertGreaterThan($out('half') + 1.2, $out('full'));
        self::assertGreaterThan(26.0, $out('full'));
    }

    public function testWhoBowsToAChairStepsBackUntilTheArmsAreLong(): void
    {
        $movement = Make::craft()->library->get('hips-back');
        $posed = static function (string $rung) use ($movement): Posed {
            $scene = Scene::of($movement, $movement->variation($rung), Base::Standing, Side::Left);

            return $scene->posed($scene->pose('breathe-in'), array_column($movement->steps, null, 'id')['breathe-in']);
        };
        $bends = static fn (Posed $posed): float => $posed->pose->at(JointAction::ElbowFlexion, Side::Left);
        // Hands lie on the chair's back in both; the arms are as long as they are written.
        self::assertLessThan(45.0, $bends($posed('stand')));
        self::assertGreaterThan(60.0, $bends($posed('forearms')));
        foreach (['stand', 'forearms'] as $rung) {
            $body = $posed($rung)->body;
            self::assertLessThan(Contacts::NEAR, (new Vector(-9.0, HandPlaces::RAIL[0], HandPlaces::RAIL[1]))->from($body->point('hand-left'), $body->point('fingers-left')), $rung);
            self::assertLessThan(-10.0, $body->point('ankle-left')->z, 'the feet have come along');
        }
    }
}
