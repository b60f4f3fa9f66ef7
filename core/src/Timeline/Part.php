<?php

declare(strict_types=1);

namespace KindChair\Timeline;

/** What a repetition, or a breath of a hold, has to do in the words of its pass. */
enum Part
{
    case Full;
    case Short;
    case Refined;
    case Quiet;
    case Last;
}
