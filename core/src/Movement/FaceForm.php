<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What eyes and mouth do in a step: how it is seen closer where the face is what moves. */
enum FaceForm: string
{
    /** Eyes ahead, lips closed. */
    case Still = 'still';
    /** Eyes towards the side that is named. */
    case EyesAside = 'eyes-aside';
    /** And away from it. */
    case EyesOther = 'eyes-other';
    case EyesUp = 'eyes-up';
    case EyesDown = 'eyes-down';
    /** Both eyes on something near. */
    case EyesNear = 'eyes-near';
    case BrowsUp = 'brows-up';
    case JawLoose = 'jaw-loose';
    case MouthOpen = 'mouth-open';
    case Smile = 'smile';
    case LipsRound = 'lips-round';
    case CheeksFull = 'cheeks-full';
    /** The tongue behind closed lips. */
    case Tongue = 'tongue';
}
