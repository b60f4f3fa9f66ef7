<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** A pose with its skeleton and what its hands do. */
final readonly class Posed
{
    /** @param array<string, Grip> $grips by side */
    public function __construct(public Pose $pose, public Skeleton $body, public array $grips, public DrawnSeat $seat)
    {
    }
}
