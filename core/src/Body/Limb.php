<?php

declare(strict_types=1);

namespace KindChair\Body;

enum Limb: string
{
    case Arm = 'arm';
    case Leg = 'leg';
}
