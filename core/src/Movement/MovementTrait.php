<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A property of a variation that a precaution can test. */
enum MovementTrait: string
{
    case HeadBelowHeart = 'head-below-heart';
    case NeckExtension = 'neck-extension';
    case NeckFullCircle = 'neck-full-circle';
    case NeckEndRotation = 'neck-end-rotation';
    case HandOnHead = 'hand-on-head';
    case NeckResistance = 'neck-resistance';
    case ArmsOverhead = 'arms-overhead';
    case ArmsOverheadSustained = 'arms-overhead-sustained';
    case ArmBehindBack = 'arm-behind-back';
    case ShoulderEndRange = 'shoulder-end-range';
    case WeightThroughWrists = 'weight-through-wrists';
    case Grip = 'grip';
    case DeepTrunkFlexion = 'deep-trunk-flexion';
    case LoadedTrunkFlexion = 'loaded-trunk-flexion';
    case EndRangeTwist = 'end-range-twist';
    case TwistWithPull = 'twist-with-pull';
    case BackArch = 'back-arch';
    case LeanOutsideBase = 'lean-outside-base';
    case HipFlexionOver90 = 'hip-flexion-over-90';
    case LegsCrossed = 'legs-crossed';
    case HipInwardTurn = 'hip-inward-turn';
    case FigureFour = 'figure-four';
    case KneeEndFlexion = 'knee-end-flexion';
    case LegBehind = 'leg-behind';
    case LongLeverLegLift = 'long-lever-leg-lift';
    case Standing = 'standing';
    case SingleLegStanding = 'single-leg-standing';
    case RapidPositionChange = 'rapid-position-change';
    case LyingFlat = 'lying-flat';
    case Prone = 'prone';
    case Kneeling = 'kneeling';
    case BreathRetention = 'breath-retention';
    case ForcedBreath = 'forced-breath';
    case IsometricHold = 'isometric-hold';
    case SelfMassageFirm = 'self-massage-firm';
    case Tapping = 'tapping';
    case PercussionChest = 'percussion-chest';
    case EyesClosed = 'eyes-closed';
    case EyesClosedStanding = 'eyes-closed-standing';
    case FeetBare = 'feet-bare';
    case BalanceChallenge = 'balance-challenge';
    case Heat = 'heat';
    case ComplexCoordination = 'complex-coordination';
    case LongHold = 'long-hold';

    public function plainName(): string
    {
        return match ($this) {
            self::HandOnHead => 'hand resting on the head',
            self::HipFlexionOver90 => 'hip closing past a right angle',
            self::ArmsOverheadSustained => 'arms kept overhead',
            self::HeadBelowHeart => 'head below the heart',
            self::TwistWithPull => 'turning with a pull of the hands',
            self::EndRangeTwist => 'turning to the end of the range',
            self::DeepTrunkFlexion => 'deep rounded fold',
            self::LoadedTrunkFlexion => 'rounding under load',
            self::NeckEndRotation => 'head turned to the end of the range',
            self::RapidPositionChange => 'quick change of position',
            self::BackArch => 'arching the back',
            self::LegBehind => 'leg reaching behind',
            self::LongLeverLegLift => 'long leg lifted',
            default => str_replace('-', ' ', $this->value),
        };
    }
}
