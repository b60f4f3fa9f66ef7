<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Plan\Entry;

/** A row in one plan and in another. */
final readonly class RowChange
{
    /**
     * @param Entry|null $before null where it is new
     * @param Entry|null $after null where it is gone
     */
    public function __construct(public ?Entry $before, public ?Entry $after, public RowChanges $what)
    {
    }
}
