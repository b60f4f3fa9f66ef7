<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\Side;
use KindChair\Movement\FaceForm;

/** A pose with its skeleton and what its hands do, which is worked out when it is asked for. */
final class Posed
{
    /** @var array<string, Grip>|null */
    private ?array $grips = null;

    /**
     * @param Closure(): array<string, Grip> $held what the hands do, by side
     * @param FaceForm $face what eyes and mouth do
     * @param Side $towards the side that is named, to which eyes may go
     */
    public function __construct(public readonly Pose $pose, public readonly Skeleton $body, private readonly Closure $held, public readonly DrawnSeat $seat, public readonly FaceForm $face = FaceForm::Still, public readonly Side $towards = Side::Left)
    {
    }

    /** @return array<string, Grip> by side */
    public function grips(): array
    {
        return $this->grips ??= ($this->held)();
    }
}
