<?php

declare(strict_types=1);

namespace KindChair\Breath;

/** What the breath does during one step. */
enum Breath: string
{
    case In = 'in';
    case HoldFull = 'hold-full';
    case Out = 'out';
    case HoldEmpty = 'hold-empty';
    case Free = 'free';
}
