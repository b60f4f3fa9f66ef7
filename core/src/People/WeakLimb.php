<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\Limb;
use KindChair\Body\Side;

/** A weak or absent limb, and what its owner does when that side is called. */
final readonly class WeakLimb
{
    public const ABLE_SIDE = 'able-side';
    public const ASSISTED = 'assisted';
    public const RESTS = 'rests';

    /** @param self::* $does */
    public function __construct(public Limb $limb, public Side $side, public string $does)
    {
    }
}
