<?php

declare(strict_types=1);

namespace KindChair\Place;

/** A room seen from above. Millimetres; the teacher's wall is the front, y = 0. */
final readonly class Room
{
    /**
     * @param list<Door> $doors
     * @param list<array{name: string, x: int, y: int, width: int, depth: int}> $fixed things that stay; x and y of their left front corner
     */
    public function __construct(public int $width, public int $depth, public array $doors, public array $fixed)
    {
        if ($width < 2000 || $depth < 2000 || $width > 50_000 || $depth > 50_000) {
            throw InvalidPlace::roomMeasures($width, $depth);
        }
        foreach ($doors as $door) {
            $wall = $door->wall->runsAcross() ? $width : $depth;
            if ($door->at < 0 || $door->at > $wall || $door->width < 500) {
                throw InvalidPlace::doorIs($door);
            }
        }
    }

    /** @return array{int, int} the middle of a door */
    public function doorAt(int $index): array
    {
        $door = $this->doors[$index];

        return match ($door->wall) {
            Wall::Front => [$door->at, 0],
            Wall::Back => [$door->at, $this->depth],
            Wall::Left => [0, $door->at],
            Wall::Right => [$this->width, $door->at],
        };
    }
}
