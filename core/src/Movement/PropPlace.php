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
    case BehindBack = 'behind-back';
    case BehindHead = 'behind-head';
    /** On the lap, under hands and forearms. */
    case OnLap = 'on-lap';
    /** Under both feet. */
    case UnderFeet = 'under-feet';
    /** Under the heel that works, or the calf of somebody who lies. */
    case UnderHeel = 'under-heel';
    case UnderThigh = 'under-thigh';
    case OverKnees = 'over-knees';
    case RoundShoulders = 'round-shoulders';
    /** In the hand that works, or in each. */
    case InHand = 'in-hand';
    /** Between both palms. */
    case BetweenPalms = 'between-palms';
    /** From both hands under the thigh that works. */
    case RoundThigh = 'round-thigh';
    /** Between shoulder and ear. */
    case OnShoulder = 'on-shoulder';
    /** Under the heel of a leg that lies long, as high as the seat. */
    case UnderLeg = 'under-leg';
    /** Before whoever sits. */
    case InFront = 'in-front';
    /** Behind the chair, or behind whoever stands. */
    case Behind = 'behind';
    /** At the side of the seat. */
    case Beside = 'beside';
    /** Under the arm that rests, such as a weak one. */
    case UnderArm = 'under-arm';

    /** Whether hands hold what is there or lie on it, and so on nothing else. */
    public function takesHands(): bool
    {
        return in_array($this, [self::InHands, self::RoundFoot, self::RoundThigh, self::InArms, self::OnLap, self::InHand, self::BetweenPalms, self::InFront, self::UnderArm], true);
    }

    public function plainName(): string
    {
        return match ($this) {
            self::InHands => 'between the hands',
            self::RoundFoot => 'round the foot',
            self::UnderFoot => 'under the foot',
            self::BetweenKnees => 'between the knees',
            self::UnderKnees => 'under the knees',
            self::BesideRibs => 'beside the ribs',
            self::InArms => 'in the arms',
            self::BehindBack => 'behind the back',
            self::BehindHead => 'behind the head',
            self::OnLap => 'on the lap',
            self::UnderFeet => 'under the feet',
            self::UnderHeel => 'under the heel',
            self::UnderThigh => 'under the thigh',
            self::OverKnees => 'over the knees',
            self::RoundShoulders => 'round the shoulders',
            self::InHand => 'in the hand',
            self::BetweenPalms => 'between the palms',
            self::RoundThigh => 'round the thigh',
            self::OnShoulder => 'on the shoulder',
            self::UnderLeg => 'under the leg',
            self::InFront => 'in front',
            self::Behind => 'behind',
            self::Beside => 'at the side',
            self::UnderArm => 'under the arm',
        };
    }
}
