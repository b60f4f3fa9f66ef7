<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What a refinement does for those who are already in the movement. */
enum RefinementKind: string
{
    case Alignment = 'alignment';
    /** Where it may be felt. */
    case Feel = 'feel';
    case Option = 'option';
    case Permission = 'permission';
    case Notice = 'notice';
    case Picture = 'picture';
}
