<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Effort;
use KindChair\Movement\FingerForm;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;

/** What the hands of a pose do, from what they lie on and how their joints are set. */
final readonly class Grips
{
    /** How far two hands point the same way: the cosine between them. */
    private const SAME_WAY = 0.5;

    /**
     * @param list<array{Side, HandContact}> $contacts of this pose
     * @param bool $holdsStrap whether both hands hold a strap or band
     * @return array<string, Grip> by side
     */
    public static function of(Skeleton $body, Pose $pose, DrawnSeat $seat, array $contacts, BodyUse $use = new BodyUse(), bool $holdsStrap = false): array
    {
        $grips = [];
        foreach (Side::cases() as $side) {
            $curl = $pose->at(JointAction::FingersCurl, $side);
            $spread = $pose->at(JointAction::FingersSpread, $side);
            $grips[$side->value] = match (true) {
                $holdsStrap && $curl === 0.0 || $use->works(Effort::Grip) && $curl === 0.0 => Grip::fist(),
                $curl === 0.0 && $spread === 0.0 && $pose->restsArm($side) => self::atRest($body, $side, $seat),
                default => Grip::free($curl, $spread),
            };
        }
        foreach ($contacts as [$side, $contact]) {
            $moves = $pose->at(JointAction::FingersCurl, $side) + $pose->at(JointAction::FingersSpread, $side) > 0;
            $grips[$side->value] = $moves ? $grips[$side->value] : self::on($contact->on, $side, $contact->isAcross, $body);
        }

        return $grips;
    }

    /**
     * @param array<string, Grip> $grips by side
     * @return array<string, Grip> with what single fingers do; a hand that rests holds no thumb up and picks nothing
     */
    public static function formed(array $grips, Pose $pose, ?FingerForm $form): array
    {
        foreach ($form === null ? [] : Side::cases() as $side) {
            $rests = in_array($form, [FingerForm::ThumbUp, FingerForm::Touch], true) && $pose->restsArm($side);
            $grips[$side->value] = $rests ? $grips[$side->value] : $grips[$side->value]->forming($form);
        }

        return $grips;
    }

    private static function atRest(Skeleton $body, Side $side, DrawnSeat $seat): Grip
    {
        $under = $body->point("hand-$side->value")->plus(new Vector(0, -5, 0));

        return match ($seat) {
            DrawnSeat::Standing => Grip::holding($under, null),
            DrawnSeat::FlatBed => Grip::resting($under, null),
            default => self::on(HandPlace::Thigh, $side, false, $body),
        };
    }

    private static function on(HandPlace $place, Side $hand, bool $isAcross, Skeleton $body): Grip
    {
        $at = ($isAcross ? $hand->other() : $hand)->value;
        $other = $hand->other()->value;
        $point = $body->point("hand-$hand->value");
        $under = $point->plus(new Vector(0, -5, 0));
        $leg = static fn (string $from, string $to): Vector => self::nearest($point, $body->point("$from-$at"), $body->point("$to-$at"));
        $trunk = static fn (): Vector => self::nearest($point, $body->point('hips'), $body->point('chest'));

        return match ($place) {
            HandPlace::Thigh, HandPlace::Knee => Grip::resting($leg('hip', 'knee'), "thigh-$at"),
            HandPlace::ThighUnder => Grip::holding($leg('hip', 'knee'), "thigh-$at", true),
            HandPlace::Shin => Grip::holding($leg('knee', 'ankle'), "shin-$at"),
            HandPlace::Foot => Grip::holding($leg('ankle', 'toe'), "shin-$at"),
            HandPlace::Belly, HandPlace::Chest, HandPlace::Ribs, HandPlace::Waist, HandPlace::LowBack, HandPlace::UpperBack => Grip::resting($trunk(), null),
            HandPlace::Shoulder => Grip::resting($body->point("shoulder-$at"), null),
            HandPlace::UpperArm => Grip::resting(self::nearest($point, $body->point("shoulder-$other"), $body->point("elbow-$other")), "upper-arm-$other"),
            HandPlace::Elbow => Grip::holding($body->point("elbow-$other"), null),
            HandPlace::Hand => Grip::holding($body->point("hand-$other"), null),
            // Hands that come from two sides clasp; those that point the same way lie palm to palm.
            HandPlace::OtherHand => self::along($body, $hand)->dot(self::along($body, $hand->other())) < self::SAME_WAY ? Grip::holding($body->point("hand-$other"), null) : Grip::resting($body->point("hand-$other"), null),
            HandPlace::Head, HandPlace::HeadBack, HandPlace::Face => Grip::resting($body->point('head'), null),
            HandPlace::Armrest, HandPlace::Table => Grip::resting($under, null),
            HandPlace::Seat, HandPlace::Backrest => Grip::holding($under, null),
        };
    }

    private static function along(Skeleton $body, Side $hand): Vector
    {
        return $body->point("hand-$hand->value")->minus($body->point("wrist-$hand->value"))->unit();
    }

    private static function nearest(Vector $point, Vector $start, Vector $end): Vector
    {
        $way = $end->minus($start);

        return $start->plus($way, max(0.0, min(1.0, $point->minus($start)->dot($way) / max(1e-9, $way->dot($way)))));
    }
}
