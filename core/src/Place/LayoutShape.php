<?php

declare(strict_types=1);

namespace KindChair\Place;

/** How seats stand to each other. */
enum LayoutShape: string
{
    case Arc = 'arc';
    case Rows = 'rows';
    case Circle = 'circle';
}
