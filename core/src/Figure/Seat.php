<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** What a figure is drawn on. */
enum Seat: string
{
    case Chair = 'chair';
    case Wheelchair = 'wheelchair';
    case Bed = 'bed';
    /** Standing behind a chair. */
    case Standing = 'standing';
}
