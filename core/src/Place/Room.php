<?php

declare(strict_types=1);

namespace KindChair\Place;

use InvalidArgumentException;

/** A room seen from above. Millimetres; the teacher's wall is the front, y = 0. */
final readonly class Room
{
    /**
     * @param list<array{wall: 'front'|'back'|'left'|'right', at: int, width: int}> $doors where along the wall their middle is
     * @param list<array{name: string, x: int, y: int, width: int, depth: int}> $fixed things that stay; x and y of their left front corner
     */
    public function __construct(public int $width, public int $depth, public array $doors, public array $fixed)
    {
        if ($width < 2000 || $depth < 2000 || $width > 50_000 || $depth > 50_000) {
            throw new InvalidArgumentException("A room measures 2 to 50 metres each way; got {$width} by $depth mm.");
        }
        foreach ($doors as $door) {
            $wall = $door['wall'] === 'front' || $door['wall'] === 'back' ? $width : $depth;
            if ($door['at'] < 0 || $door['at'] > $wall || $door['width'] < 500) {
                throw new InvalidArgumentException('A door lies within its wall and is at least 500 mm wide.');
            }
        }
    }

    /** @return array{int, int} the middle of a door */
    public function doorAt(int $index): array
    {
        $door = $this->doors[$index];

        return match ($door['wall']) {
            'front' => [$door['at'], 0],
            'back' => [$door['at'], $this->depth],
            'left' => [0, $door['at']],
            'right' => [$this->width, $door['at']],
        };
    }
}
