<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What single fingers do in a step, where curl and spread do not tell it. */
enum FingerForm: string
{
    /** A fingertip meets the thumb. */
    case Touch = 'touch';
    /** One finger is stretched, the others stay. */
    case Point = 'point';
    /** A thumb stands up over the fist. */
    case ThumbUp = 'thumb-up';
    case ThumbIn = 'thumb-in';
    case ThumbOut = 'thumb-out';
}
