<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;
use KindChair\Movement\HandPlace;

/** What a neck and a head are asked. */
final readonly class NeckDemands implements Finder
{
    public function find(Shape $shape): iterable
    {
        yield $shape->largest(Demand::NeckBack, null, JointAction::NeckExtension);
        foreach (Side::cases() as $side) {
            yield $shape->largest(Demand::NeckTurn, $side, JointAction::NeckTurn);
        }
        foreach ($shape->handsOn(HandPlace::Head, HandPlace::HeadBack) as $side) {
            yield $shape->there(Demand::HandOnHead, $side);
        }
        yield $shape->body->has(BodyNote::NeckCircle) ? $shape->there(Demand::NeckCircle) : null;
        yield $shape->body->has(BodyNote::HeadWeighted) ? $shape->there(Demand::HeadDrawn) : null;
        yield $shape->body->works(Effort::HeadPress) ? $shape->there(Demand::HeadPress) : null;
        if ($shape->body->has(BodyNote::EyesClosed)) {
            yield $shape->there(Demand::EyesClosed);
            $moves = array_filter($shape->steps(), static fn (string $step): bool => max($shape->either($step, JointAction::NeckTurn), $shape->either($step, JointAction::NeckSide), $shape->either($step, JointAction::NeckFlexion), $shape->either($step, JointAction::NeckExtension)) > 0);
            yield $moves === [] ? null : new Ask(Demand::EyesClosedMoving, 1, null, array_values($moves));
        }
    }
}
