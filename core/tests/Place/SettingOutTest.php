<?php

declare(strict_types=1);

namespace KindChair\Tests\Place;

use KindChair\Place\Clearance;
use KindChair\Place\Door;
use KindChair\Place\LayoutShape;
use KindChair\Place\Room;
use KindChair\Place\Seat;
use KindChair\Place\SeatKind;
use KindChair\Place\SettingOut;
use KindChair\Place\Wall;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Five people in one room: each shape puts everybody where it did before, to the millimetre and the degree. */
final class SettingOutTest extends TestCase
{
    #[DataProvider('shapes')]
    public function testEverybodySitsWhereTheyDid(LayoutShape $shape, string $expected): void
    {
        $people = ['a' => SeatKind::Chair, 'b' => SeatKind::Wheelchair, 'c' => SeatKind::Bed, 'd' => SeatKind::Chair, 'e' => SeatKind::Chair];
        $plan = SettingOut::plan(new Room(9000, 8000, [new Door(Wall::Back, 1000, 900)], []), new Clearance(1800, 900, 0), $shape, $people);

        self::assertSame($expected, implode(' ', array_map(static fn (Seat $seat): string => "$seat->person:$seat->x,$seat->y,$seat->turn", $plan->seats)));
    }

    /** @return iterable<string, array{LayoutShape, string}> */
    public static function shapes(): iterable
    {
        yield 'arc' => [LayoutShape::Arc, 'c:1250,1373,80 b:7749,1373,-80 a:4500,4100,0 d:2751,3598,32 e:6248,3598,-32'];
        yield 'rows' => [LayoutShape::Rows, 'c:1200,2700,60 b:8100,2700,-62 a:4500,2700,0 d:6300,2700,-43 e:4050,4200,8'];
        yield 'circle' => [LayoutShape::Circle, 'c:5649,2723,-138 b:3350,2723,138 a:4500,5718,0 d:6044,4753,-64 e:2955,4753,64'];
    }
}
