<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\Side;

/** A precaution of one person, with the affected side where it has one. */
final readonly class NotedPrecaution
{
    public function __construct(public Precaution $precaution, public ?Side $side)
    {
    }
}
