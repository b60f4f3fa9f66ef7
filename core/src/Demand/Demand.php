<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Limb;

/** Something that a rung asks of a body. Worked out from its shape, its hands and its dose, never declared. */
enum Demand: string
{
    case Rounding = 'rounding';
    case RoundingTurned = 'rounding-turned';
    case DeepFold = 'deep-fold';
    case HeadLow = 'head-low';
    case BellyPressure = 'belly-pressure';
    case Arch = 'arch';
    case TrunkTurn = 'trunk-turn';
    case TrunkLean = 'trunk-lean';
    case TwistPull = 'twist-with-pull';
    case NeckBack = 'neck-back';
    case NeckCircle = 'neck-circle';
    case NeckTurn = 'neck-turn';
    case HandOnHead = 'hand-on-head';
    case HeadDrawn = 'head-drawn';
    case HeadPress = 'head-press';
    case ArmUp = 'arm-up';
    case ArmsKeptUp = 'arms-kept-up';
    case ArmBehind = 'arm-behind';
    case ArmOpenTurned = 'arm-open-turned';
    case ArmPulled = 'arm-pulled';
    case WristWeight = 'wrist-weight';
    case WristEnd = 'wrist-end';
    case HandPulled = 'hand-pulled';
    case Grip = 'grip';
    case HandsOff = 'both-hands-off';
    case LeanOutside = 'lean-outside';
    case HipBend = 'hip-bend';
    case ThighAcross = 'thigh-across';
    case HipInward = 'hip-inward';
    case HipBehind = 'hip-behind';
    case FigureFour = 'figure-four';
    case LegsCrossed = 'legs-crossed';
    case KneeBend = 'knee-bend';
    case KneeTwist = 'knee-twist';
    case LongLever = 'long-lever';
    case Standing = 'standing';
    case OneLeg = 'one-leg';
    case HeelRaise = 'heel-raise';
    case LyingFlat = 'lying-flat';
    case Prone = 'prone';
    case QuickChange = 'quick-change';
    case BreathPause = 'breath-pause';
    case ForcedBreath = 'forced-breath';
    case Press = 'press';
    case SkinRub = 'skin-rub';
    case SkinPat = 'skin-pat';
    case SkinPress = 'skin-press';
    case TightStrap = 'tight-strap';
    case HeelSlide = 'heel-slide';
    case EyesClosed = 'eyes-closed';
    case EyesClosedMoving = 'eyes-closed-moving';
    case BareFeet = 'bare-feet';
    case UnderFoot = 'under-foot';
    case Heat = 'effort';
    case Steps = 'steps';
    case Hold = 'hold';

    public function unit(): Unit
    {
        return match ($this) {
            self::Rounding, self::RoundingTurned, self::Arch, self::TrunkTurn, self::TrunkLean, self::NeckBack, self::NeckTurn, self::ArmUp, self::WristEnd, self::HipBend, self::ThighAcross, self::HipInward, self::HipBehind, self::KneeBend => Unit::Degrees,
            self::HeadLow, self::ArmsKeptUp, self::LegsCrossed, self::LongLever, self::Press, self::Heat, self::Hold => Unit::Seconds,
            self::Steps => Unit::Count,
            default => Unit::Yes,
        };
    }

    public function plainName(): string
    {
        return match ($this) {
            self::Rounding => 'rounding the back',
            self::RoundingTurned => 'rounding with a turn or a lean',
            self::DeepFold => 'folding with a round back',
            self::HeadLow => 'head as low as the heart',
            self::BellyPressure => 'pressing on the belly',
            self::Arch => 'arching the back',
            self::TrunkTurn => 'turning the trunk',
            self::TrunkLean => 'leaning to the side',
            self::TwistPull => 'turning with a pull of the hands',
            self::NeckBack => 'tipping the head back',
            self::NeckCircle => 'circling the head',
            self::NeckTurn => 'turning the head',
            self::HandOnHead => 'a hand on the head',
            self::HeadDrawn => 'hands weighing on the head',
            self::HeadPress => 'pressing the head against a hand',
            self::ArmUp => 'raising an arm',
            self::ArmsKeptUp => 'arms kept at shoulder height or higher',
            self::ArmBehind => 'an arm behind the back',
            self::ArmOpenTurned => 'an arm wide and turned out',
            self::ArmPulled => 'drawing on an arm',
            self::WristWeight => 'weight through the wrists',
            self::WristEnd => 'bending the wrist',
            self::HandPulled => 'drawing on a hand or its fingers',
            self::Grip => 'gripping',
            self::HandsOff => 'both hands off their support',
            self::LeanOutside => 'leaning beyond the seat without a hand',
            self::HipBend => 'closing the hip',
            self::ThighAcross => 'thigh towards the other leg',
            self::HipInward => 'turning the thigh inwards',
            self::HipBehind => 'the leg behind the body',
            self::FigureFour => 'one ankle on the other leg',
            self::LegsCrossed => 'crossed legs',
            self::KneeBend => 'bending the knee',
            self::KneeTwist => 'a turn in the bent knee',
            self::LongLever => 'a long leg held out',
            self::Standing => 'standing',
            self::OneLeg => 'standing on one leg',
            self::HeelRaise => 'standing with the heels up',
            self::LyingFlat => 'lying flat',
            self::Prone => 'lying on the front',
            self::QuickChange => 'a change from lying or sitting to upright',
            self::BreathPause => 'a pause in the breath',
            self::ForcedBreath => 'forced breath',
            self::Press => 'pressing or holding hard',
            self::SkinRub => 'rubbing',
            self::SkinPat => 'patting',
            self::SkinPress => 'pressing into the skin',
            self::TightStrap => 'a strap round a limb',
            self::HeelSlide => 'heels sliding',
            self::EyesClosed => 'eyes closed',
            self::EyesClosedMoving => 'eyes closed while the head moves',
            self::BareFeet => 'bare feet',
            self::UnderFoot => 'a ball or an edge under the foot',
            self::Heat => 'effort without a rest',
            self::Steps => 'different steps to remember',
            self::Hold => 'holding still',
        };
    }

    /** The limb that is asked; null for the trunk, the head or all of somebody. */
    public function limb(): ?Limb
    {
        return match ($this) {
            self::HandOnHead, self::ArmUp, self::ArmBehind, self::ArmOpenTurned, self::ArmPulled, self::WristWeight, self::WristEnd, self::HandPulled => Limb::Arm,
            self::ThighAcross, self::HipInward, self::HipBehind, self::FigureFour, self::LegsCrossed, self::KneeBend, self::KneeTwist, self::LongLever, self::UnderFoot, self::TightStrap, self::HeelSlide => Limb::Leg,
            default => null,
        };
    }

    public function area(): Area
    {
        return match ($this) {
            self::Rounding, self::RoundingTurned, self::DeepFold, self::HeadLow, self::BellyPressure, self::Arch, self::TrunkTurn, self::TrunkLean, self::TwistPull => Area::Back,
            self::NeckBack, self::NeckCircle, self::NeckTurn, self::HandOnHead, self::HeadDrawn, self::HeadPress, self::EyesClosed, self::EyesClosedMoving => Area::Head,
            self::ArmUp, self::ArmsKeptUp, self::ArmBehind, self::ArmOpenTurned, self::ArmPulled, self::WristWeight, self::WristEnd, self::HandPulled, self::Grip => Area::Arms,
            self::HipBend, self::ThighAcross, self::HipInward, self::HipBehind, self::FigureFour, self::LegsCrossed, self::KneeBend, self::KneeTwist, self::LongLever, self::HeelSlide, self::BareFeet, self::UnderFoot => Area::Legs,
            self::HandsOff, self::LeanOutside, self::Standing, self::OneLeg, self::HeelRaise, self::LyingFlat, self::Prone, self::QuickChange => Area::Balance,
            self::BreathPause, self::ForcedBreath, self::Press, self::SkinRub, self::SkinPat, self::SkinPress, self::TightStrap, self::Heat, self::Steps, self::Hold => Area::Work,
        };
    }

    /** Whether a measure is more than everybody does who just sits there. */
    public function isFelt(int $measure): bool
    {
        return match ($this) {
            self::HipBend, self::KneeBend => $measure > 90,
            self::Steps => $measure > 3,
            default => $measure > 0,
        };
    }

    /** Whether a limb bears or is drawn: no weak limb is asked that, whoever helps it. */
    public function isCarrying(): bool
    {
        return in_array($this, [self::WristWeight, self::ArmPulled, self::HandPulled], true);
    }

    /** Whether something lies on a limb or is wound round it: that is so also where the limb rests. */
    public function isContact(): bool
    {
        return in_array($this, [self::LegsCrossed, self::FigureFour, self::TightStrap], true);
    }

    /** @return list<JointAction> the ways of a joint that it measures */
    public function actions(): array
    {
        return match ($this) {
            self::Rounding, self::RoundingTurned => [JointAction::TrunkFlexion],
            self::Arch => [JointAction::TrunkExtension],
            self::TrunkTurn => [JointAction::TrunkTurn],
            self::TrunkLean => [JointAction::TrunkSide],
            self::NeckBack => [JointAction::NeckExtension],
            self::NeckTurn => [JointAction::NeckTurn],
            self::ArmUp => [JointAction::ShoulderFlexion, JointAction::ShoulderAbduction],
            self::WristEnd => [JointAction::WristFlexion, JointAction::WristExtension],
            self::ThighAcross => [JointAction::HipAdduction],
            self::HipInward => [JointAction::HipInward],
            self::HipBehind => [JointAction::HipExtension],
            self::KneeBend => [JointAction::KneeFlexion],
            default => [],
        };
    }
}
