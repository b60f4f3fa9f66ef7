<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;
use KindChair\Movement\LegContact;

/** What hips, knees and feet are asked. */
final readonly class LegDemands implements Finder
{
    /** Degrees of the knee under which a leg is long. */
    private const LONG_BELOW = 45;

    public function find(Shape $shape): iterable
    {
        $legs = $shape->body->legs;
        foreach (Side::cases() as $side) {
            $most = 0;
            $closed = $long = [];
            foreach ($shape->steps() as $step) {
                $hip = $shape->hip($step, $side);
                if ($hip > 90) {
                    $closed[] = $step;
                }
                $most = max($most, $hip);
                $knee = $shape->angle($step, JointAction::KneeFlexion, $side);
                if ($knee !== null && $knee < self::LONG_BELOW && !$shape->body->has(BodyNote::LegCarried) && ($shape->body->works(Effort::Lift) || $shape->body->has(BodyNote::StrapOnFoot))) {
                    $long[] = $step;
                }
            }
            yield new Ask(Demand::HipBend, $most, $side, $closed);
            yield $shape->largest(Demand::ThighAcross, $side, JointAction::HipAdduction);
            yield $shape->largest(Demand::HipInward, $side, JointAction::HipInward);
            yield $shape->largest(Demand::HipBehind, $side, JointAction::HipExtension);
            yield new Ask(Demand::KneeBend, max([0, ...array_map(static fn (string $step): int => $shape->knee($step, $side), $shape->steps())]), $side, $shape->steps());
            yield $long === [] ? null : new Ask(Demand::LongLever, 1, $side, $long);
        }
        if ($legs === LegContact::AnkleOnThigh || $legs === LegContact::AnkleOnShin) {
            yield $shape->there(Demand::FigureFour, Side::Left);
            yield $shape->there(Demand::KneeTwist, Side::Left);
        } elseif ($legs !== null) {
            yield $shape->there(Demand::LegsCrossed, Side::Left);
            yield $legs === LegContact::ThighsCrossed ? $shape->there(Demand::KneeTwist, Side::Left) : null;
        }
        yield $shape->body->has(BodyNote::BareFeet) ? $shape->there(Demand::BareFeet) : null;
        yield $shape->body->has(BodyNote::EdgeUnderFoot) ? $shape->there(Demand::UnderFoot, Side::Left) : null;
        yield $shape->body->has(BodyNote::StrapOnFoot) ? $shape->there(Demand::TightStrap, Side::Left) : null;
        yield $shape->body->has(BodyNote::HeelSlides) && $shape->base === Base::Bed ? $shape->there(Demand::HeelSlide, Side::Left) : null;
    }
}
