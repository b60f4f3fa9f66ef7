<?php

declare(strict_types=1);

namespace KindChair\Body;

/** A joint or group of joints whose movement is counted as one. */
enum Joint: string
{
    case Neck = 'neck';
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case Fingers = 'fingers';
    case Trunk = 'trunk';
    case Hip = 'hip';
    case Knee = 'knee';
    case Ankle = 'ankle';
    case Toes = 'toes';

    /** The limb this joint belongs to; null for neck and trunk. */
    public function limb(): ?Limb
    {
        return match ($this) {
            self::Neck, self::Trunk => null,
            self::Shoulder, self::Elbow, self::Wrist, self::Fingers => Limb::Arm,
            self::Hip, self::Knee, self::Ankle, self::Toes => Limb::Leg,
        };
    }
}
