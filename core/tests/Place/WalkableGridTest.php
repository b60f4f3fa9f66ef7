<?php

declare(strict_types=1);

namespace KindChair\Tests\Place;

use KindChair\Place\Door;
use KindChair\Place\Room;
use KindChair\Place\Seat;
use KindChair\Place\SeatKind;
use KindChair\Place\WalkableGrid;
use KindChair\Place\Wall;
use PHPUnit\Framework\TestCase;

final class WalkableGridTest extends TestCase
{
    /** @param list<array{name: string, x: int, y: int, width: int, depth: int}> $fixed */
    private static function room(array $fixed = []): Room
    {
        return new Room(8000, 6000, [new Door(Wall::Left, 3000, 900)], $fixed);
    }

    private static function chair(int $x, int $y): Seat
    {
        return new Seat("$x", SeatKind::Chair, $x, $y, 0);
    }

    public function testAWayLeadsAcrossAnOpenRoom(): void
    {
        self::assertTrue((new WalkableGrid(self::room(), [self::chair(7000, 3000)]))->comesTo(self::chair(7000, 3000)));
    }

    /** A wall with a gap: 1.05 m between the middles of squares lets somebody through, a little less does not. */
    public function testAGapIsWideEnoughFromAnAisleOn(): void
    {
        $wall = static fn (int $gap): Room => self::room([['name' => 'wall', 'x' => 4000, 'y' => 0, 'width' => 100, 'depth' => 3000], ['name' => 'wall', 'x' => 4000, 'y' => 3000 + $gap, 'width' => 100, 'depth' => 3000 - $gap]]);
        $beyond = self::chair(7000, 3000);

        self::assertTrue((new WalkableGrid($wall(1050), [$beyond]))->comesTo($beyond));
        self::assertFalse((new WalkableGrid($wall(890), [$beyond]))->comesTo($beyond));
    }

    public function testASeatRingedByOthersIsCutOffAndTheRingIsNot(): void
    {
        $middle = self::chair(4000, 3000);
        $ring = array_map(static fn (int $at): Seat => self::chair((int) (4000 + 1300 * cos(deg2rad($at))), (int) (3000 + 1300 * sin(deg2rad($at)))), range(0, 330, 30));
        $grid = new WalkableGrid(self::room(), [$middle, ...$ring]);

        self::assertFalse($grid->comesTo($middle));
        self::assertTrue($grid->comesTo($ring[0]));
    }
}
