<?php

declare(strict_types=1);

namespace KindChair\Plan;

use KindChair\Body\Side;

/** Names some passes of an entry: those on a side, in a direction, with a limb on top; null means any. */
final readonly class Selector
{
    public function __construct(public ?Side $side = null, public ?string $direction = null, public ?Side $crossing = null)
    {
    }

    public function covers(?Side $side, ?string $direction, ?Side $crossing): bool
    {
        return ($this->side === null || $this->side === $side)
            && ($this->direction === null || $this->direction === $direction)
            && ($this->crossing === null || $this->crossing === $crossing);
    }
}
