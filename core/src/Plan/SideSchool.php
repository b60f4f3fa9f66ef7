<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** How the second side follows the first. Source: schools of practice. */
enum SideSchool: string
{
    /** Each movement on both sides before the next one. */
    case InTurn = 'in-turn';
    /** All movements of a run on one side, then all of them on the other. */
    case Rounds = 'rounds';
    /** From side to side with every breath. */
    case EachBreath = 'each-breath';
}
