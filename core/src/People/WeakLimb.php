<?php

declare(strict_types=1);

namespace KindChair\People;

use KindChair\Body\Limb;
use KindChair\Body\Side;

/** A weak or absent limb, and what its owner does when that side is called. */
final readonly class WeakLimb
{
    public function __construct(public Limb $limb, public Side $side, public WeakLimbDoes $does)
    {
    }
}
