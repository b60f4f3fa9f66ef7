<?php

declare(strict_types=1);

namespace KindChair\Breath;

use InvalidArgumentException;

/** A breath that nobody should be asked for. */
final class InvalidBreath extends InvalidArgumentException
{
    /** Tenths of a second. */
    public static function breathTakes(string $name, int $in, int $out): self
    {
        return new self(sprintf('The in-breath and the out-breath of "%s" take 1 to 15 seconds each; got %.1f and %.1f.', $name, $in / 10, $out / 10));
    }

    /** Tenths of a second. */
    public static function pauseTakes(string $name, int $full, int $empty): self
    {
        return new self(sprintf('A pause in "%s" takes 0 to 10 seconds; got %.1f and %.1f.', $name, $full / 10, $empty / 10));
    }
}
