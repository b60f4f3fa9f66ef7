<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Pulled;

/** What arms, wrists and hands are asked. */
final readonly class ArmDemands implements Finder
{
    /** Degrees from which an arm is at shoulder height. */
    private const UP_FROM = 90;
    private const WIDE_FROM = 60;
    private const TURNED_FROM = 45;
    /** Degrees of drawing back from which an arm is behind the body. */
    private const BEHIND_FROM = 40;
    /** Degrees of turn from which a pull twists. */
    private const TWIST_FROM = 10;

    public function find(Shape $shape): iterable
    {
        $free = array_values(array_filter($shape->steps(), static fn (string $step): bool => $shape->isFree($step, Side::Left) && $shape->isFree($step, Side::Right)));
        yield $free === [] ? null : new Ask(Demand::HandsOff, 1, null, $free);
        $up = [];
        foreach (Side::cases() as $side) {
            yield $shape->largest(Demand::ArmUp, $side, JointAction::ShoulderFlexion, JointAction::ShoulderAbduction);
            yield $shape->largest(Demand::WristEnd, $side, JointAction::WristFlexion, JointAction::WristExtension);
            $turned = $behind = [];
            foreach ($shape->steps() as $step) {
                $at = static fn (JointAction $action): int => $shape->angle($step, $action, $side) ?? 0;
                // An arm whose elbow lies on something is carried.
                if (max($at(JointAction::ShoulderFlexion), $at(JointAction::ShoulderAbduction)) >= self::UP_FROM && !$shape->isCarried($step, $side)) {
                    $up[$step] = $step;
                }
                if ($at(JointAction::ShoulderAbduction) >= self::WIDE_FROM && $at(JointAction::ShoulderOutward) >= self::TURNED_FROM) {
                    $turned[] = $step;
                }
                if ($at(JointAction::ShoulderExtension) >= self::BEHIND_FROM && $shape->handIsBehind($step, $side)) {
                    $behind[] = $step;
                }
            }
            yield $turned === [] ? null : new Ask(Demand::ArmOpenTurned, 1, $side, $turned);
            $isBehind = in_array($side, $shape->handsOn(HandPlace::LowBack, HandPlace::UpperBack), true);
            yield $isBehind ? $shape->there(Demand::ArmBehind, $side) : ($behind === [] ? null : new Ask(Demand::ArmBehind, 1, $side, $behind));
        }
        yield $up === [] || $shape->body->has(BodyNote::ArmsCarried) ? null : new Ask(Demand::ArmsKeptUp, 1, null, array_values($up));
        foreach ($shape->body->hands as $contact) {
            foreach ($contact->bears ? Shape::sidesOf($contact->who) : [] as $side) {
                yield $shape->there(Demand::WristWeight, $side);
            }
        }
        foreach ($shape->body->pulls as $pulled) {
            yield from match ($pulled) {
                Pulled::Work => [$shape->there(Demand::ArmPulled, Side::Left)],
                Pulled::Other => [$shape->there(Demand::ArmPulled, Side::Right)],
                Pulled::Both => [$shape->there(Demand::ArmPulled, Side::Left), $shape->there(Demand::ArmPulled, Side::Right)],
                Pulled::Hand => [$shape->there(Demand::HandPulled, Side::Left)],
            };
            $turn = array_filter($shape->steps(), static fn (string $step): bool => $shape->either($step, JointAction::TrunkTurn) >= self::TWIST_FROM);
            yield $turn === [] ? null : new Ask(Demand::TwistPull, 1, null, array_values($turn));
        }
        if ($shape->body->has(BodyNote::LimbShaken)) {
            yield $shape->there(Demand::ArmPulled, Side::Left);
            yield $shape->there(Demand::ArmPulled, Side::Right);
        }
        yield $shape->body->works(Effort::Grip) ? $shape->there(Demand::Grip) : null;
    }
}
