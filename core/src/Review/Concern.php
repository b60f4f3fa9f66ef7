<?php

declare(strict_types=1);

namespace KindChair\Review;

/** What a finding touches, the most pressing first. */
enum Concern: int
{
    case People = 1;
    case Sides = 2;
    case Breath = 3;
    case Order = 4;
    case Time = 5;
}
