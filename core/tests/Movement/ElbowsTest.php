<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use KindChair\Body\Side;
use KindChair\Demand\ArmDemands;
use KindChair\Demand\Ask;
use KindChair\Demand\Demand;
use KindChair\Demand\Shape;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\ElbowPlaces;
use KindChair\Figure\Figure;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Figure\TableTop;
use KindChair\Figure\Vector;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Tests\Support\Drawn;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Elbows lie where lines, rungs and props have them, and stay there while the rest of the arm moves. */
final class ElbowsTest extends TestCase
{
    public function testEveryElbowLiesWhereItIsSaidToAndOnTheWayFromStepToStep(): void
    {
        [$off, $told] = [[], 0];
        foreach (Drawn::everyShape() as $name => [$movement, $variation, $base]) {
            $scene = Scene::of($movement, $variation, $base, Side::Left);
            foreach ($scene->use->elbows === [] ? [] : $movement->steps as $at => $step) {
                $next = $movement->steps[$at + 1] ?? $movement->steps[0];
                $stays = Contacts::stayCarried($scene->use, $step, Side::Left, $next, Side::Left);
                $staying = $scene->staying($scene->pose($step->id), $step, Side::Left, $scene->pose($next->id), $next, Side::Left);
                $between = Skeleton::of($staying->on($scene->pose($step->id)->towards($scene->pose($next->id), 0.5), 0.5), $scene->seat);
                foreach (Contacts::carried($scene->use, $step->id, $step->phase) as $side => $contact) {
                    if (!ElbowPlaces::isThere($contact->on, $scene->seat)) {
                        continue;
                    }
                    ++$told;
                    $there = $scene->posed($scene->pose($step->id), $step)->body;
                    foreach (in_array(Side::from($side), $stays, true) ? [$there, $between] : [$there] as $body) {
                        $short = ElbowPlaces::missed($contact->on, $body->point("elbow-$side"), $scene->seat);
                        if ($short > Contacts::NEAR) {
                            $off["$name, $step->id: $side {$contact->on->value}"] = round($short, 1);
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(500, $told);
        self::assertSame([], $off);
    }

    public function testAnElbowStaysWhereItLiesWhileItsForearmComesAndGoes(): void
    {
        $movement = Make::craft()->library->get('elbow-bend');
        $scene = Scene::of($movement, $movement->variation('full'), Base::Bed, Side::Left);
        [$in, $out] = array_map(static fn (string $step): Skeleton => Skeleton::of($scene->pose($step), $scene->seat), ['in', 'out']);

        self::assertLessThan(1.0, $in->point('elbow-left')->minus($out->point('elbow-left'))->length());
        self::assertGreaterThan(8.0, $in->point('hand-left')->minus($out->point('hand-left'))->length());
    }

    public function testOnAChairWithoutArmsNoElbowLiesOnAnArmrest(): void
    {
        $movement = Make::craft()->library->get('palms-close');
        $elbow = static fn (Base $base): Vector => Scene::of($movement, $movement->variation('palms'), $base, Side::Left)->ends->end->body->point('elbow-right');

        self::assertLessThan(1.7, ElbowPlaces::missed(ElbowPlace::Armrest, $elbow(Base::Wheelchair), DrawnSeat::Wheelchair));
        self::assertGreaterThan(Contacts::NEAR, ElbowPlaces::missed(ElbowPlace::Armrest, $elbow(Base::Chair), DrawnSeat::Wheelchair));
        self::assertSame([], ElbowPlaces::of(ElbowPlace::Armrest, Side::Left, Settled::restBody(DrawnSeat::Chair), DrawnSeat::Chair));
    }

    /** @return iterable<string, array{ElbowPlace, Vector, DrawnSeat, bool}> */
    public static function places(): iterable
    {
        yield 'on the armrest' => [ElbowPlace::Armrest, new Vector(13.5, 11.0, 3.0), DrawnSeat::Wheelchair, true];
        yield 'on the left one' => [ElbowPlace::Armrest, new Vector(-13.5, 11.0, 3.0), DrawnSeat::Wheelchair, true];
        yield 'over it' => [ElbowPlace::Armrest, new Vector(13.5, 14.0, 3.0), DrawnSeat::Wheelchair, false];
        yield 'before its end' => [ElbowPlace::Armrest, new Vector(13.5, 11.0, 18.0), DrawnSeat::Wheelchair, false];
        yield 'on a flat bed' => [ElbowPlace::Mattress, new Vector(15.0, -3.8, -12.0), DrawnSeat::FlatBed, true];
        yield 'in the air over it' => [ElbowPlace::Mattress, new Vector(15.0, 2.0, -12.0), DrawnSeat::FlatBed, false];
        yield 'on a cushion' => [ElbowPlace::Cushion, new Vector(10.0, 12.0, 6.0), DrawnSeat::Chair, true];
        yield 'on a table' => [ElbowPlace::Table, new Vector(9.0, 13.0, 10.0), DrawnSeat::Chair, true];
        yield 'under it' => [ElbowPlace::Table, new Vector(9.0, 2.0, 10.0), DrawnSeat::Chair, false];
        yield 'beside the lap' => [ElbowPlace::Cushion, new Vector(19.0, 12.0, 6.0), DrawnSeat::Chair, false];
        yield 'behind a table' => [ElbowPlace::Table, new Vector(9.0, 13.0, 1.0), DrawnSeat::Chair, false];
        yield 'in the lap itself' => [ElbowPlace::Cushion, new Vector(10.0, 3.0, 6.0), DrawnSeat::Chair, false];
    }

    #[DataProvider('places')]
    public function testAnElbowIsOnItOrNot(ElbowPlace $place, Vector $elbow, DrawnSeat $seat, bool $isThere): void
    {
        self::assertSame($isThere, ElbowPlaces::missed($place, $elbow, $seat) < Contacts::NEAR);
    }

    public function testAnArmIsCarriedOnlyWhileItsElbowLies(): void
    {
        $asks = static fn (string $id, string $rung, Base $base): array => array_merge(...array_map(
            static fn (?Ask $ask): array => $ask?->demand === Demand::ArmsKeptUp ? $ask->steps : [],
            iterator_to_array((new ArmDemands())->find(new Shape(Make::craft()->library->get($id), Make::craft()->library->get($id)->variation($rung), $base)), false),
        ));

        self::assertSame(['reach'], $asks('high-v', 'chest', Base::Bed), 'it goes up without the mattress, and opens on it');
        self::assertSame(['up'], $asks('finger-climb', 'high', Base::Chair));
        self::assertSame([], $asks('finger-climb', 'high', Base::Bed), 'the elbows stay on the mattress');
    }

    public function testATableUnderElbowsIsDrawnWhoeverSaysThatItIsThere(): void
    {
        $movement = Make::craft()->library->get('palms-close');
        $rung = $movement->variation('palms');
        $poses = [Settled::rest(DrawnSeat::Chair)];
        $elbows = new BodyUse(elbows: [new ElbowContact(AngleRole::Both, ElbowPlace::Table)]);

        self::assertNotNull(TableTop::of(TableTop::isUsed($rung), $elbows, DrawnSeat::Chair, $poses));
        self::assertNull(TableTop::of(TableTop::isUsed($rung), new BodyUse(), DrawnSeat::Chair, $poses));
        self::assertNull(TableTop::of(TableTop::isUsed($rung), $elbows, DrawnSeat::Bed, $poses), 'in bed none stands before the seat');
    }

    public function testAForearmOnAnArmrestHasNoHandOnIt(): void
    {
        $hands = new BodyUse([new HandContact(AngleRole::Work, HandPlace::Armrest), new HandContact(AngleRole::Other, HandPlace::Belly)]);
        $lying = $hands->with(new BodyUse(elbows: [new ElbowContact(AngleRole::Work, ElbowPlace::Armrest)]));

        self::assertSame([HandPlace::Belly], array_column($lying->hands, 'on'));
        self::assertCount(2, $hands->with(new BodyUse(elbows: [new ElbowContact(AngleRole::Other, ElbowPlace::Armrest)]))->hands);
    }

    public function testACushionUnderElbowsIsDrawnWhereALineHasItToo(): void
    {
        $movement = Make::craft()->library->get('wrist-bend');
        $props = static fn (Base $base): int => count(array_filter(Figure::of($movement, $movement->variation('full'), $base, Side::Left)->shapes, static fn ($shape): bool => $shape->role === 'prop'));

        self::assertNotSame([], BaseHands::use($movement->variation('full'), Base::Bed)->elbows);
        self::assertGreaterThan(0, $props(Base::Bed));
        self::assertSame(0, $props(Base::Chair));
    }
}
