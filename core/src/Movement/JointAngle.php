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

    /** Action and side in one word, such as "knee-flexion:left". */
    public string $key;

    public function __construct(public JointAction $action, public ?Side $side, public int $degrees)
    {
        $this->limb = $action->joint()->limb();
        $this->key = $action->value . ':' . ($side->value ?? 'mid');
    }
}
