<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Demand\Demand;

/** A demand that is allowed up to a measure: degrees or a number, or so many seconds without a break. */
final readonly class DemandLimit
{
    public function __construct(public Demand $demand, public int $most)
    {
    }
}
