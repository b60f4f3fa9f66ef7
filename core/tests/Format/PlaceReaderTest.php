<?php

declare(strict_types=1);

namespace KindChair\Tests\Format;

use KindChair\Format\FormatError;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;
use KindChair\Place\Clearance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlaceReaderTest extends TestCase
{
    private const ROOM = ['width' => 9000, 'depth' => 8000, 'doors' => [['wall' => 'back', 'at' => 1000, 'width' => 900]], 'fixed' => [['name' => 'Piano', 'x' => 0, 'y' => 3000, 'width' => 700, 'depth' => 1500]]];
    private const SEAT = ['person' => 'p1', 'kind' => 'wheelchair', 'x' => 3000, 'y' => 4000, 'turn' => -20];

    public function testALayoutIsReadAndWrittenTheSame(): void
    {
        $layout = ['teacher' => [4500, 800], 'seats' => [self::SEAT]];
        $plan = PlaceReader::layout(Node::root($layout), PlaceReader::room(Node::root(self::ROOM)), Clearance::least());

        self::assertSame($layout, $plan->toArray());
        self::assertSame([9000, 8000, 'Piano', [1000, 8000]], [$plan->room->width, $plan->room->depth, $plan->room->fixed[0]['name'], $plan->room->doorAt(0)]);
    }

    /** @param array<string, mixed> $room */
    #[DataProvider('rooms')]
    public function testWhatIsWrongIsToldWithItsPlace(string $place, array $room): void
    {
        try {
            PlaceReader::room(Node::root($room, '/room'));
        } catch (FormatError $error) {
            self::assertSame($place, $error->place);

            return;
        }
        self::fail('It was read.');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function rooms(): iterable
    {
        yield 'too small' => ['/room', ['width' => 1999] + self::ROOM];
        yield 'too large' => ['/room', ['depth' => 50_001] + self::ROOM];
        yield 'a door beyond its wall' => ['/room', ['doors' => [['wall' => 'back', 'at' => 9001, 'width' => 900]]] + self::ROOM];
        yield 'a wall that is not' => ['/room/doors/0/wall', ['doors' => [['wall' => 'roof', 'at' => 1, 'width' => 900]]] + self::ROOM];
        yield 'a width in words' => ['/room/width', ['width' => 'wide'] + self::ROOM];
    }

    public function testTheLargestAndTheSmallestRoomAreRead(): void
    {
        foreach ([2000, 50_000] as $side) {
            self::assertSame($side, PlaceReader::room(Node::root(['width' => $side, 'depth' => $side, 'doors' => [], 'fixed' => []]))->width);
        }
    }
}
