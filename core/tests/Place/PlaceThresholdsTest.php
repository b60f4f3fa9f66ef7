<?php

declare(strict_types=1);

namespace KindChair\Tests\Place;

use KindChair\Breath\Breath;
use KindChair\Movement\Phase;
use KindChair\Place\Clearance;
use KindChair\Place\Door;
use KindChair\Place\FloorPlan;
use KindChair\Place\Polygon;
use KindChair\Place\Room;
use KindChair\Place\Seat;
use KindChair\Place\SeatKind;
use KindChair\Place\Wall;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Distances that decide, to the millimetre on both sides. */
final class PlaceThresholdsTest extends TestCase
{
    /** @param list<Seat> $others */
    private static function told(Seat $seat, array $others = [], ?Clearance $clearance = null): string
    {
        $room = new Room(12_000, 9000, [new Door(Wall::Back, 1000, 900)], []);

        return implode(' ', (new FloorPlan($room, $clearance ?? Clearance::least(), [6000, 800], $others))->problemsOf($seat));
    }

    private static function chair(int $x, int $y, string $who = 'a'): Seat
    {
        return new Seat($who, SeatKind::Chair, $x, $y, 0);
    }

    #[DataProvider('distances')]
    public function testADistanceThatIsJustEnoughAndOneThatIsNot(string $fine, string $not, string $says): void
    {
        self::assertStringNotContainsString($says, $fine);
        self::assertStringContainsString($says, $not);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function distances(): iterable
    {
        yield 'a voice' => [self::told(self::chair(6000, 6800)), self::told(self::chair(6000, 6801)), 'beyond 6 m'];
        yield 'the teacher' => [self::told(self::chair(6000, 2000)), self::told(self::chair(6000, 1999)), 'Too near to you'];
        yield 'a door' => [self::told(self::chair(2200, 9000 - 300)), self::told(self::chair(2150, 9000 - 300)), 'Blocks a door'];
        yield 'the wall' => [self::told(self::chair(300, 4000)), self::told(self::chair(299, 4000)), 'in the wall'];
        yield 'a neighbour' => [self::told(self::chair(6000, 4000), [self::chair(7180, 4000, 'b')]), self::told(self::chair(6000, 4000), [self::chair(7179, 4000, 'b')]), 'Too near to a neighbour'];
        $wide = new Clearance(1800, 300, 0);
        yield 'a neighbour with arms out' => [self::told(self::chair(6000, 4000), [self::chair(7780, 4000, 'b')], $wide), self::told(self::chair(6000, 4000), [self::chair(7779, 4000, 'b')], $wide), 'Too near to a neighbour'];
        yield 'a head in the way' => [self::told(self::chair(6000, 5500), [self::chair(6200, 3500, 'b')]), self::told(self::chair(6000, 5500), [self::chair(6199, 3500, 'b')]), 'line of sight'];
        $standing = new Clearance(1200, 300, 900);
        yield 'standing before a wall' => [self::told(self::chair(6000, 6800 - 300), [], new Clearance(1200, 300, 2200)), self::told(self::chair(6000, 6800 - 300), [], new Clearance(1200, 300, 2201)), 'free behind the chair'];
        yield 'legs before a neighbour' => [self::told(self::chair(6000, 5600), [self::chair(6000, 3800, 'b')], $standing), self::told(self::chair(6000, 5599), [self::chair(6000, 3800, 'b')], $standing), 'Legs need'];
    }

    public function testWhatOnlyTouchesDoesNotOverlap(): void
    {
        $box = static fn (int $x): array => [[$x, 0], [$x + 100, 0], [$x + 100, 100], [$x, 100]];

        self::assertFalse(Polygon::overlap($box(0), $box(100)));
        self::assertFalse(Polygon::overlap($box(100), $box(0)));
        self::assertTrue(Polygon::overlap($box(0), $box(99)));
        self::assertTrue(Polygon::overlap($box(99), $box(0)));
    }

    public function testArmsOutAndLegsForwardAskForMoreRoomFromAnAngleOn(): void
    {
        $clearance = static function (array $angles): array {
            $steps = [Make::step('in', Phase::Cycle, Breath::In, ['work' => $angles])];
            $movement = Make::movement('m', steps: $steps);
            $needs = Clearance::of([[$movement, $movement->variations[0]]]);

            return [$needs->between, $needs->before];
        };

        self::assertSame([1200, 300], $clearance(['shoulder-abduction' => 49, 'knee-flexion' => 40]));
        self::assertSame([1800, 300], $clearance(['shoulder-abduction' => 50]));
        self::assertSame([1200, 900], $clearance(['knee-flexion' => 39]));
    }
}
