<?php

declare(strict_types=1);

namespace KindChair\Demand;

/** Finds the demands of one kind in a shape. */
interface Finder
{
    /** @return iterable<Ask|null> */
    public function find(Shape $shape): iterable;
}
