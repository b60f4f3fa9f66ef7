<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** In which order a school of practice goes through the body. */
enum School: string
{
    case HeadToToe = 'head-to-toe';
    case ToeToHead = 'toe-to-head';
    case SpineFirst = 'spine-first';
    case Own = 'own';
}
