<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;

/** Hands that lie flat on each other before the chest, fingers up: the wrists come side by side, and the elbows go out. */
final readonly class PalmToPalm
{
    /** Degrees of wrist and elbow from which hands on each other are palm to palm and not linked. */
    private const WRIST = 30.0;
    private const ELBOW = 60.0;
    /** Half the thickness of two hands, in units. */
    private const THICK = 0.9;

    /** @param list<array{Side, HandContact}> $contacts of this pose */
    public static function isMeant(Pose $pose, array $contacts): bool
    {
        $meet = array_filter($contacts, static fn (array $contact): bool => $contact[1]->on === HandPlace::OtherHand);
        foreach (Side::cases() as $side) {
            if ($pose->at(JointAction::WristExtension, $side) < self::WRIST || $pose->at(JointAction::ElbowFlexion, $side) < self::ELBOW) {
                return false;
            }
        }

        return count($meet) === 2;
    }

    /**
     * @param Expression|null $face how eyes and mouth are
     * @param bool $carried whether the elbows stay where they lie
     */
    public static function posed(Pose $pose, Skeleton $body, DrawnSeat $seat, ?Expression $face, bool $carried = false): Posed
    {
        $up = $body->fromTrunk((new Vector(0, 0.95, 0.3))->unit());
        $aside = $body->fromTrunk(new Vector(1, 0, 0));
        $wrists = $body->point('hand-left')->plus($body->point('hand-right'))->halved()->plus($up, -Measures::HAND);
        $wrists = $carried ? self::between($body->point('elbow-left'), $body->point('elbow-right'), $wrists) : $wrists;
        foreach (Side::cases() as $side) {
            $elbow = $carried ? $body->point("elbow-$side->value")->minus($body->point("shoulder-$side->value")) : null;
            $wrist = $wrists->plus($aside, $side === Side::Right ? self::THICK : -self::THICK);
            $pose = $pose->with($side, ArmReach::atEase($body, $side, $wrist, 0.0, $elbow) ?? []);
        }
        $body = Skeleton::of($pose, $seat);
        $grips = [];
        foreach (Side::cases() as $side) {
            $grips[$side->value] = Grip::palmToPalm($body->point("wrist-{$side->other()->value}")->plus($up, Measures::HAND), $up);
        }

        return new Posed($pose, $body, static fn (): array => $grips, $seat, $face);
    }

    /** Where two wrists meet as far from both elbows as a forearm is long, towards where they would. */
    private static function between(Vector $left, Vector $right, Vector $towards): Vector
    {
        $middle = $left->plus($right)->halved();
        $across = $right->minus($left);
        $way = $towards->minus($middle);
        $way = $way->plus($across, -$way->dot($across) / max(0.1, $across->dot($across)));
        $half = $across->length() / 2 - self::THICK;

        return $middle->plus($way->unit(), sqrt(max(0.0, Measures::FOREARM ** 2 - $half ** 2)));
    }
}
