<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** From where a figure is seen. */
enum View: string
{
    case Front = 'front';
    case Side = 'side';
    case ThreeQuarter = 'three-quarter';
    case Above = 'above';
}
