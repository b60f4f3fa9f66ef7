<?php

declare(strict_types=1);

namespace KindChair\Review;

/** What became of a row from one plan to another. */
enum RowChanges: string
{
    case Same = 'same';
    case New = 'new';
    case Gone = 'gone';
    case Moved = 'moved';
    case Dose = 'dose';
    case Changed = 'changed';
}
