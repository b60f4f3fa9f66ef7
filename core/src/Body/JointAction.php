<?php

declare(strict_types=1);

namespace KindChair\Body;

/** One way in which a joint moves, measured in degrees from the anatomical zero. */
enum JointAction: string
{
    case NeckFlexion = 'neck-flexion';
    case NeckExtension = 'neck-extension';
    case NeckSide = 'neck-side';
    case NeckTurn = 'neck-turn';
    case ShoulderLift = 'shoulder-lift';
    case ShoulderDrop = 'shoulder-drop';
    case ShoulderFlexion = 'shoulder-flexion';
    case ShoulderExtension = 'shoulder-extension';
    case ShoulderAbduction = 'shoulder-abduction';
    case ShoulderAcross = 'shoulder-across';
    case ShoulderInward = 'shoulder-inward';
    case ShoulderOutward = 'shoulder-outward';
    case ElbowFlexion = 'elbow-flexion';
    case ForearmUp = 'forearm-up';
    case ForearmDown = 'forearm-down';
    case WristFlexion = 'wrist-flexion';
    case WristExtension = 'wrist-extension';
    case FingersCurl = 'fingers-curl';
    case FingersSpread = 'fingers-spread';
    case TrunkFlexion = 'trunk-flexion';
    case TrunkExtension = 'trunk-extension';
    case TrunkSide = 'trunk-side';
    case TrunkTurn = 'trunk-turn';
    /** Trunk leaning forward at the hips with a long back, beyond upright sitting. */
    case HipHinge = 'hip-hinge';
    case HipFlexion = 'hip-flexion';
    case HipExtension = 'hip-extension';
    case HipAbduction = 'hip-abduction';
    case HipAdduction = 'hip-adduction';
    case HipInward = 'hip-inward';
    case HipOutward = 'hip-outward';
    case KneeFlexion = 'knee-flexion';
    case AnkleUp = 'ankle-up';
    case AnkleDown = 'ankle-down';
    case AnkleIn = 'ankle-in';
    case AnkleOut = 'ankle-out';
    case ToesUp = 'toes-up';
    case ToesCurl = 'toes-curl';
    case ToesSpread = 'toes-spread';

    public function joint(): Joint
    {
        return match (strtok($this->value, '-')) {
            'neck' => Joint::Neck,
            'shoulder' => Joint::Shoulder,
            'elbow', 'forearm' => Joint::Elbow,
            'wrist' => Joint::Wrist,
            'fingers' => Joint::Fingers,
            'trunk' => Joint::Trunk,
            'hip' => Joint::Hip,
            'knee' => Joint::Knee,
            'ankle' => Joint::Ankle,
            default => Joint::Toes,
        };
    }

    /** Head and trunk leaning or turning: the side is the direction travelled, not a limb. */
    public function isDirectional(): bool
    {
        return in_array($this, [self::NeckSide, self::NeckTurn, self::TrunkSide, self::TrunkTurn], true);
    }

    /** Degrees at which the joint is while somebody sits at rest. */
    public function atRest(): int
    {
        return $this === self::HipFlexion || $this === self::KneeFlexion ? 90 : 0;
    }

    public function plainName(): string
    {
        return match ($this) {
            self::NeckFlexion => 'chin down',
            self::NeckExtension => 'looking up',
            self::NeckSide => 'head to the side',
            self::NeckTurn => 'head turn',
            self::ShoulderLift => 'shoulder lift',
            self::ShoulderDrop => 'shoulder drawn down',
            self::ShoulderFlexion => 'arm forward and up',
            self::ShoulderExtension => 'arm back',
            self::ShoulderAbduction => 'arm out and up',
            self::ShoulderAcross => 'arm across the body',
            self::ShoulderInward => 'arm turned in',
            self::ShoulderOutward => 'arm turned out',
            self::ElbowFlexion => 'elbow bend',
            self::ForearmUp => 'palm up',
            self::ForearmDown => 'palm down',
            self::WristFlexion => 'wrist bent down',
            self::WristExtension => 'wrist lifted',
            self::FingersCurl => 'fingers curled',
            self::FingersSpread => 'fingers spread',
            self::TrunkFlexion => 'back rounded',
            self::TrunkExtension => 'chest lifted',
            self::TrunkSide => 'lean to the side',
            self::TrunkTurn => 'turn of the trunk',
            self::HipHinge => 'lean forward from the hips',
            self::HipFlexion => 'knee lifted',
            self::HipExtension => 'leg behind',
            self::HipAbduction => 'knee out',
            self::HipAdduction => 'knee in',
            self::HipInward => 'hip turned in',
            self::HipOutward => 'hip turned out',
            self::KneeFlexion => 'knee bend',
            self::AnkleUp => 'foot drawn up',
            self::AnkleDown => 'foot pointed',
            self::AnkleIn => 'sole turned in',
            self::AnkleOut => 'sole turned out',
            self::ToesUp => 'toes lifted',
            self::ToesCurl => 'toes curled',
            self::ToesSpread => 'toes spread',
        };
    }
}
