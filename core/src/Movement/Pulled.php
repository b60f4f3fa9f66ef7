<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What is drawn by a hand, a strap or a clasp. */
enum Pulled: string
{
    case Work = 'work';
    case Other = 'other';
    case Both = 'both';
    case Hand = 'hand';
}
