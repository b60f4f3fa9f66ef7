<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;

/** One angle of one step on one side of the body; the side is null on the midline. */
final readonly class JointAngle
{
    /** The limb that moves; null for head and trunk. */
    public ?Limb $limb;

    public function __construct(public JointAction $action, public ?Side $side, public int $degrees)
    {
        $this->limb = $action->joint()->limb();
    }

    public function key(): string
    {
        return $this->action->value . ':' . ($this->side->value ?? 'mid');
    }
}
