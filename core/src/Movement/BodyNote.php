<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What neither a shape nor a hand can tell. */
enum BodyNote: string
{
    case EyesClosed = 'eyes-closed';
    case BareFeet = 'bare-feet';
    case EdgeUnderFoot = 'edge-under-foot';
    case BellyPressed = 'belly-pressed';
    case NeckCircle = 'neck-circle';
    case Prone = 'prone';
    case HeelSlides = 'heel-slides';
    case LimbShaken = 'limb-shaken';
    case LeansOutside = 'leans-outside';
    case OneLeg = 'one-leg';
    case HeelsRaised = 'heels-raised';
    case HeadWeighted = 'head-weighted';
    case StrapOnFoot = 'strap-on-foot';
    case BreathForced = 'breath-forced';
    /** Arms that lie on something as high as they are. */
    case ArmsCarried = 'arms-carried';
    /** The leg that works lies on something. */
    case LegCarried = 'leg-carried';
    /** A foot that works, or both, stand on something. */
    case FeetCarried = 'feet-carried';
    /** Back, side or head leans on something. */
    case BackCarried = 'back-carried';
}
