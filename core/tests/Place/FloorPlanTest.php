<?php

declare(strict_types=1);

namespace KindChair\Tests\Place;

use InvalidArgumentException;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Place\Clearance;
use KindChair\Place\Door;
use KindChair\Place\FloorPlan;
use KindChair\Place\LayoutShape;
use KindChair\Place\PackingList;
use KindChair\Place\Polygon;
use KindChair\Place\Room;
use KindChair\Place\Seat;
use KindChair\Place\SeatKind;
use KindChair\Place\SettingOut;
use KindChair\Place\Wall;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FloorPlanTest extends TestCase
{
    private static function room(int $width = 10_000, int $depth = 8_000): Room
    {
        return new Room($width, $depth, [new Door(Wall::Back, 1000, 900)], [['name' => 'piano', 'x' => 0, 'y' => 3000, 'width' => 700, 'depth' => 1500]]);
    }

    /** @return array<string, SeatKind> ten people, two in wheelchairs, one in bed */
    private static function people(): array
    {
        $people = [];
        for ($number = 1; $number <= 10; ++$number) {
            $people["p$number"] = match ($number) {
                2, 6 => SeatKind::Wheelchair,
                3 => SeatKind::Bed,
                default => SeatKind::Chair,
            };
        }

        return $people;
    }

    #[DataProvider('shapes')]
    public function testEveryoneSitsWithReachAndAWayOut(LayoutShape $shape): void
    {
        $plan = SettingOut::plan(self::room(), new Clearance(1200, 300, 0), $shape, self::people());

        self::assertSame([], $plan->without, $shape->value);
        self::assertCount(10, $plan->seats);
        self::assertSame([], $plan->problems());
        foreach ($plan->seats as $at => $seat) {
            foreach (array_slice($plan->seats, $at + 1) as $other) {
                self::assertGreaterThanOrEqual(1180, hypot($seat->x - $other->x, $seat->y - $other->y));
            }
        }
    }

    /** @return iterable<string, array{LayoutShape}> */
    public static function shapes(): iterable
    {
        yield 'arc' => [LayoutShape::Arc];
        yield 'rows' => [LayoutShape::Rows];
        yield 'circle' => [LayoutShape::Circle];
    }

    public function testASmallRoomSaysWhoDoesNotFit(): void
    {
        $plan = SettingOut::plan(self::room(4_500, 5_000), new Clearance(1800, 900, 0), LayoutShape::Rows, self::people());

        self::assertNotSame([], $plan->without);
        self::assertCount(10, [...$plan->without, ...$plan->seats]);
    }

    public function testWhatStandsBadlyIsTold(): void
    {
        $told = static fn (Seat $seat, Seat ...$others): string => implode(' ', (new FloorPlan(self::room(), new Clearance(1800, 300, 0), [5000, 800], array_values($others)))->problemsOf($seat));
        $chair = static fn (int $x, int $y): Seat => new Seat('a', SeatKind::Chair, $x, $y, 0);

        self::assertSame('', $told($chair(5000, 4000)));
        self::assertStringContainsString('in the wall', $told($chair(9900, 4000)));
        self::assertStringContainsString('piano', $told($chair(500, 3600)));
        self::assertStringContainsString('Blocks a door', $told($chair(1200, 7400)));
        self::assertStringContainsString('1.20 m, needs 1.80 m', $told($chair(5000, 4000), new Seat('b', SeatKind::Chair, 6200, 4000, 0)));
        self::assertSame('', $told($chair(5000, 4000), new Seat('b', SeatKind::Chair, 6800, 4000, 0)));
        self::assertStringContainsString('beyond 6 m', $told($chair(9500, 6500)));
        self::assertStringContainsString('Too near to you', $told($chair(5000, 1700)));
        self::assertStringContainsString('line of sight', $told($chair(5000, 5500), new Seat('b', SeatKind::Chair, 5050, 3000, 0)));
        self::assertSame('', $told($chair(5000, 5500), new Seat('b', SeatKind::Chair, 5600, 3000, 0)));
    }

    public function testLegsStandingAndABedsHelperKeepTheirPlace(): void
    {
        $told = static fn (Seat $seat, Seat ...$others): string => implode(' ', (new FloorPlan(self::room(), new Clearance(1200, 900, 900), [5000, 800], array_values($others)))->problemsOf($seat));
        $chair = static fn (int $x, int $y): Seat => new Seat("$x-$y", SeatKind::Chair, $x, $y, 0);

        self::assertSame('', $told($chair(5000, 5000)));
        self::assertStringContainsString('Legs need 0.90 m', $told(new Seat('a', SeatKind::Chair, 1500, 3800, -90)), 'the piano is in the way of the legs');
        self::assertStringContainsString('Standing needs 0.90 m', $told($chair(5000, 7000)));
        // Two rows: nobody sits where the first row stands up, and the second row's legs stay out of there too.
        self::assertStringContainsString('a neighbour stretches the legs or stands up', $told($chair(5400, 4400), $chair(5000, 3000)));
        self::assertStringContainsString('Legs need 0.90 m', $told($chair(5400, 5000), $chair(5000, 3000)));
        self::assertSame('', $told($chair(5600, 5450), $chair(5000, 3000)));

        $bed = new Seat('bed', SeatKind::Bed, 3000, 5000, 0);
        self::assertSame('', $told($bed));
        self::assertSame('', $told($bed, $chair(4200, 5000)), 'the other side is free');
        self::assertStringContainsString('one side of the bed', $told($bed, $chair(4200, 5000), $chair(1800, 5000)));
        self::assertStringContainsString('comes to a bed', $told($chair(1800, 5000), $chair(4200, 5000), $bed));
    }

    public function testWhatIsKeptFreeIsDrawnWhereItIs(): void
    {
        $plan = new FloorPlan(self::room(), new Clearance(1200, 900, 900), [5000, 800], []);
        $box = static fn (array $zone): array => array_map(static fn (float $at): int => (int) round($at), [
            min(INF, ...array_column($zone, 0)), min(INF, ...array_column($zone, 1)),
            max(-INF, ...array_column($zone, 0)), max(-INF, ...array_column($zone, 1)),
        ]);

        self::assertSame([[4700, 2800, 5300, 3700], [4700, 4300, 5300, 5200]], array_map($box, $plan->keptFree(new Seat('a', SeatKind::Chair, 5000, 4000, 0))));
        self::assertSame([[5300, 3700, 6200, 4300], [3800, 3700, 4700, 4300]], array_map($box, $plan->keptFree(new Seat('a', SeatKind::Chair, 5000, 4000, 90))));
        self::assertSame([[5500, 3000, 6400, 5100]], array_map($box, (new FloorPlan(self::room(), $plan->clearance, [5000, 800], [new Seat('b', SeatKind::Chair, 4000, 4000, 0)]))->keptFree(new Seat('bed', SeatKind::Bed, 5000, 4050, 0))));
    }

    public function testASeatWithoutAWayToADoorIsFound(): void
    {
        $wall = [];
        for ($x = 300; $x <= 10_000; $x += 700) {
            $wall[] = new Seat("w$x", SeatKind::Chair, $x, 5500, 0);
        }
        $plan = new FloorPlan(self::room(), Clearance::least(), [5000, 800], [...$wall, new Seat('inside', SeatKind::Chair, 5000, 3000, 0)]);

        self::assertContains('No way of 0.90 m leads here from a door.', $plan->problems()['inside']);
    }

    public function testTheMostSpaciousMovementDecides(): void
    {
        $library = Make::craft()->library;
        $of = static fn (string $id, string $rung): Clearance => Clearance::of([[$library->get($id), $library->get($id)->variation($rung)]]);

        self::assertEquals(new Clearance(1800, 300, 0), $of('arms-sweep', 'high'));
        self::assertEquals(new Clearance(1200, 300, 0), $of('neck-turn', 'full'));
        self::assertEquals(new Clearance(1200, 900, 0), $of('leg-extension', 'full'));
        self::assertSame(900, $of('heel-raises', 'stand')->behind);
        self::assertSame(['arms forward and up: 1.20 m between people'], Clearance::least()->inWords());
    }

    public function testTheListOfWhatToBringTellsWhatIsShort(): void
    {
        $version = static fn (string $who, string ...$props): PersonVersion => new PersonVersion($who, Mark::Fully, 'm', 'v', [], [], null, false, '', '', [], [], array_values($props));
        $versions = ['a' => [$version('p1', 'strap'), $version('p2', 'strap'), $version('p3', 'cushion')], 'b' => [$version('p1', 'cushion')]];

        $list = array_column(PackingList::of($versions, Make::craft()->changeOvers, ['strap' => 1]), null, 'id');
        self::assertSame([2, 1, 1], [$list['strap']['needs'], $list['strap']['has'], $list['strap']['short']]);
        self::assertSame([1, 1], [$list['cushion']['needs'], $list['cushion']['short']]);
        self::assertNotSame([], $list['strap']['standIns']);
        self::assertSame(0, PackingList::of($versions, Make::craft()->changeOvers, null)[0]['short']);
    }

    /** @param array{int, int, int, int} $other x, y, width and depth */
    #[DataProvider('outlines')]
    public function testOutlinesLieOverEachOtherOrNot(bool $overlap, array $other, int $turn): void
    {
        $box = static fn (int $x, int $y, int $w, int $d): array => [[$x, $y], [$x + $w, $y], [$x + $w, $y + $d], [$x, $y + $d]];
        $chair = (new Seat('a', SeatKind::Chair, 1000, 1000, $turn))->corners();

        self::assertSame($overlap, Polygon::overlap($chair, $box(...$other)));
        self::assertSame($overlap, Polygon::overlap($box(...$other), $chair));
    }

    /** @return iterable<string, array{bool, array{int, int, int, int}, int}> */
    public static function outlines(): iterable
    {
        yield 'inside' => [true, [900, 900, 100, 100], 0];
        yield 'crossing like a plus' => [true, [500, 950, 1000, 100], 0];
        yield 'touching only' => [false, [1300, 700, 300, 300], 0];
        yield 'apart' => [false, [2000, 2000, 300, 300], 0];
        yield 'at a corner, straight' => [false, [1310, 1310, 200, 200], 0];
        yield 'at a corner, turned towards it' => [true, [1310, 950, 200, 100], 45];
    }

    /** @param array<string, mixed> $wrong named arguments of Room */
    #[DataProvider('impossible')]
    public function testAnImpossibleRoomIsRefused(string $message, array $wrong): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($message);
        new Room(...['width' => 8000, 'depth' => 6000, 'doors' => [], 'fixed' => [], ...$wrong]);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function impossible(): iterable
    {
        yield 'too small' => ['2 to 50 metres', ['width' => 1500]];
        yield 'too large' => ['2 to 50 metres', ['depth' => 90_000]];
        yield 'a door beyond its wall' => ['within its wall', ['doors' => [new Door(Wall::Left, 7000, 900)]]];
        yield 'a door for nobody' => ['within its wall', ['doors' => [new Door(Wall::Front, 1000, 300)]]];
    }

    public function testBedsAndWheelchairsArePlacedFirst(): void
    {
        $people = ['c1' => SeatKind::Chair, 'b' => SeatKind::Bed, 'c2' => SeatKind::Chair, 'w' => SeatKind::Wheelchair];
        $plan = SettingOut::plan(self::room(), Clearance::least(), LayoutShape::Rows, $people);

        self::assertSame(['b', 'w'], array_slice(array_column($plan->seats, 'person'), 0, 2));
        foreach ($plan->seats as $seat) {
            // Everyone looks to the teacher: the way ahead points there within a few degrees.
            $way = [sin(deg2rad($seat->turn)), -cos(deg2rad($seat->turn))];
            $to = [$plan->teacher[0] - $seat->x, $plan->teacher[1] - $seat->y];
            self::assertGreaterThan(0.99, ($way[0] * $to[0] + $way[1] * $to[1]) / hypot($to[0], $to[1]));
        }
    }

    public function testTheSameAskedTwiceIsTheSame(): void
    {
        $arrange = static fn (): FloorPlan => SettingOut::plan(self::room(), new Clearance(1800, 900, 0), LayoutShape::Arc, self::people());

        self::assertEquals($arrange()->seats, $arrange()->seats);
    }
}
