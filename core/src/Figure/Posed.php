<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;

/** A pose with its skeleton and what its hands do, which is worked out when it is asked for. */
final class Posed
{
    /** @var array<string, Grip>|null */
    private ?array $grips = null;

    /**
     * @param Closure(): array<string, Grip> $held what the hands do, by side
     * @param Expression|null $face how eyes and mouth are; null where they are not what moves
     */
    public function __construct(public readonly Pose $pose, public readonly Skeleton $body, private readonly Closure $held, public readonly DrawnSeat $seat, public readonly ?Expression $face = null)
    {
    }

    /** @return array<string, Grip> by side */
    public function grips(): array
    {
        return $this->grips ??= ($this->held)();
    }
}
