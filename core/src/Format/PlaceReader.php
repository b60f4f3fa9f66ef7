<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Place\Clearance;
use KindChair\Place\Door;
use KindChair\Place\FloorPlan;
use KindChair\Place\Room;
use KindChair\Place\Seat;
use KindChair\Place\SeatKind;
use KindChair\Place\Wall;

/** Reads rooms and how people sit in them from their open form (schema/place.schema.json). Millimetres. */
final class PlaceReader
{
    /** @throws FormatError */
    public static function room(Node $node): Room
    {
        return $node->build(static fn (): Room => new Room(
            $node->at('width')->int(),
            $node->at('depth')->int(),
            array_map(static fn (Node $door): Door => new Door(
                $door->at('wall')->enum(Wall::class),
                $door->at('at')->int(),
                $door->at('width')->int(),
            ), $node->at('doors')->items()),
            array_map(static fn (Node $thing): array => [
                'name' => $thing->at('name')->string(),
                'x' => $thing->at('x')->int(),
                'y' => $thing->at('y')->int(),
                'width' => $thing->at('width')->int(),
                'depth' => $thing->at('depth')->int(),
            ], $node->at('fixed')->items()),
        ));
    }

    /**
     * Seats as they stand in a room.
     *
     * @throws FormatError
     */
    public static function layout(Node $node, Room $room, Clearance $clearance): FloorPlan
    {
        [$x, $y] = [...array_map(static fn (Node $number): int => $number->int(), $node->at('teacher')->items()), 0, 0];

        return new FloorPlan($room, $clearance, [$x, $y], array_map(static fn (Node $seat): Seat => new Seat(
            $seat->at('person')->string(),
            $seat->at('kind')->enum(SeatKind::class),
            $seat->at('x')->int(),
            $seat->at('y')->int(),
            $seat->at('turn')->int(),
        ), $node->at('seats')->items()));
    }
}
