<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** In which of three ways a wish is met. */
enum Character: string
{
    /** What was asked for, as much of it as there is room for. */
    case Asked = 'asked';
    /** Something for every part of the body, as new to them as it can be. */
    case Even = 'even';
    /** Fewer movements, held or done for longer, and more quiet. */
    case Quiet = 'quiet';
}
