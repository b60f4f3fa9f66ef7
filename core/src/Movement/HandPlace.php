<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** Where a hand lies. */
enum HandPlace: string
{
    case Thigh = 'thigh';
    case ThighUnder = 'thigh-under';
    case Knee = 'knee';
    case Shin = 'shin';
    case Foot = 'foot';
    case Seat = 'seat';
    case Armrest = 'armrest';
    case Backrest = 'backrest';
    case Table = 'table';
    case Belly = 'belly';
    case Chest = 'chest';
    case Ribs = 'ribs';
    case Waist = 'waist';
    case LowBack = 'low-back';
    case Shoulder = 'shoulder';
    case UpperBack = 'upper-back';
    case UpperArm = 'upper-arm';
    case Elbow = 'elbow';
    case Hand = 'hand';
    case Head = 'head';
    case HeadBack = 'head-back';
    case Face = 'face';
    case OtherHand = 'other-hand';

    /** Whether there is one on each side of the body, so that a hand can lie on that of the other side. */
    public function hasTwoSides(): bool
    {
        return in_array($this, [self::Thigh, self::ThighUnder, self::Knee, self::Shin, self::Foot, self::Shoulder], true);
    }

    /** Whether a hand there steadies or carries the body. */
    public function steadies(): bool
    {
        return in_array($this, [self::Thigh, self::Knee, self::Shin, self::Seat, self::Armrest, self::Backrest, self::Table], true);
    }
}
