<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What single fingers do in a step, where curl and spread do not tell it. */
enum FingerForm: string
{
    /** A fingertip meets the thumb. */
    case Touch = 'touch';
    case ThumbIn = 'thumb-in';
    case ThumbOut = 'thumb-out';
}
