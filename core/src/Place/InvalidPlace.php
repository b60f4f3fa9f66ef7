<?php

declare(strict_types=1);

namespace KindChair\Place;

use InvalidArgumentException;

/** A room that is not one, or more people than one voice reaches. */
final class InvalidPlace extends InvalidArgumentException
{
    public static function holds(int $people, int $most): self
    {
        return new self(sprintf('A room is set out for up to %d people; here are %d. Please plan two classes.', $most, $people));
    }

    public static function roomMeasures(int $width, int $depth): self
    {
        return new self("A room measures 2 to 50 metres each way; got $width by $depth mm.");
    }

    public static function doorIs(Door $door): self
    {
        return new self(sprintf('A door lies within its wall and is at least 500 mm wide; got one %d mm wide at %d mm in the %s wall.', $door->width, $door->at, $door->wall->value));
    }
}
