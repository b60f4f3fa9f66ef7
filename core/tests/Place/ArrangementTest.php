<?php

declare(strict_types=1);

namespace KindChair\Tests\Place;

use InvalidArgumentException;
use KindChair\Place\Arrangement;
use KindChair\Place\Clearance;
use KindChair\Place\Door;
use KindChair\Place\LayoutShape;
use KindChair\Place\Room;
use KindChair\Place\SeatKind;
use KindChair\Place\Wall;
use PHPUnit\Framework\TestCase;

final class ArrangementTest extends TestCase
{
    /** @return array<string, SeatKind> */
    private static function people(int $count): array
    {
        return array_combine(array_map(static fn (int $number): string => "p$number", range(1, $count)), array_fill(0, $count, SeatKind::Chair));
    }

    private static function room(int $metres): Room
    {
        return new Room($metres * 1000, $metres * 1000, [new Door(Wall::Back, 1500, 1200)], []);
    }

    public function testNothingGivesWayWhereThereIsRoom(): void
    {
        $arranged = Arrangement::of(self::room(12), new Clearance(1800, 900, 0), LayoutShape::Arc, self::people(8));

        self::assertSame([8, [], null], [count($arranged->plan->seats), $arranged->plan->without, $arranged->gave]);
    }

    public function testARoomGivesWayAndSaysWhat(): void
    {
        $wide = Arrangement::of(self::room(6), new Clearance(1800, 900, 0), LayoutShape::Rows, self::people(3));
        $close = Arrangement::of(self::room(6), new Clearance(1800, 900, 0), LayoutShape::Rows, self::people(8));

        self::assertNull($wide->gave);
        self::assertStringContainsString('no room for', (string) $close->gave);
        self::assertSame(1200, $close->plan->clearance->between);
    }

    public function testAPlanIsForAsManyAsOneVoiceReaches(): void
    {
        $plan = Arrangement::of(self::room(12), Clearance::least(), LayoutShape::Arc, self::people(Arrangement::MOST))->plan;
        self::assertSame(Arrangement::MOST, count($plan->seats) + count($plan->without));

        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('up to 80 people; here are 81');
        Arrangement::of(self::room(12), Clearance::least(), LayoutShape::Arc, self::people(Arrangement::MOST + 1));
    }

    /** The largest halls and the fullest rooms, in a time that a busy machine keeps as well. */
    public function testALargeHallIsSetOutWhileSomebodyWaits(): void
    {
        $start = hrtime(true);
        foreach (LayoutShape::cases() as $shape) {
            Arrangement::of(self::room(50), new Clearance(1800, 900, 900), $shape, self::people(40));
            Arrangement::of(self::room(12), new Clearance(1800, 900, 900), $shape, self::people(40));
        }
        self::assertLessThan(6.0, (hrtime(true) - $start) / 1e9, 'six plans');
    }
}
