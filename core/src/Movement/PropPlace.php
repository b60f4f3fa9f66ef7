<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Where a thing is used in a rung, and so where it is drawn. */
enum PropPlace: string
{
    /** Between both hands. */
    case InHands = 'in-hands';
    /** From both hands round the foot that works. */
    case RoundFoot = 'round-foot';
    /** Under the foot that works. */
    case UnderFoot = 'under-foot';
    case BetweenKnees = 'between-knees';
    /** Under both knees of somebody who lies. */
    case UnderKnees = 'under-knees';
    /** Beside the ribs, under the arm that works. */
    case BesideRibs = 'beside-ribs';
    /** Held to the chest by both arms. */
    case InArms = 'in-arms';
}
