<?php

declare(strict_types=1);

namespace KindChair\Demand;

/** In what a demand is measured. */
enum Unit
{
    case Degrees;
    case Seconds;
    case Count;
    /** There or not. */
    case Yes;
}
