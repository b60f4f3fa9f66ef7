<?php

declare(strict_types=1);

namespace KindChair\People;

use InvalidArgumentException;

/** Something told about a person that cannot be. */
final class InvalidPerson extends InvalidArgumentException
{
    public static function needsName(): self
    {
        return new self('A person needs a name or initials.');
    }

    public static function painIs(int $pain): self
    {
        return new self("Pain is told from 0 to 10; got $pain.");
    }

    public static function rangeIs(int $degrees): self
    {
        return new self("A range is 0 to 180 degrees; got $degrees.");
    }

    public static function limitNeedsDegreesOrPercent(?int $degrees, ?int $percent): self
    {
        return new self(sprintf('An angle limit is given in degrees or in percent, one of the two; got %s and %s.', $degrees ?? 'no degrees', $percent ?? 'no percent'));
    }

    public static function pieceMeasures(string $name, int $height, int $count): self
    {
        return new self("\"$name\": a block is 1 to 500 mm high, and there are 0 to 100 of them; got $height mm and $count.");
    }
}
