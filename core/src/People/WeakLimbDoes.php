<?php

declare(strict_types=1);

namespace KindChair\People;

/** What the owner of a weak limb does when its side is called. */
enum WeakLimbDoes: string
{
    case AbleSide = 'able-side';
    case Assisted = 'assisted';
    case Rests = 'rests';
    case Absent = 'absent';
    case Steadies = 'steadies';
    /** A carer moves it for them. */
    case Carer = 'carer';
}
