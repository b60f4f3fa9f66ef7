<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Figure\DrawnSeat;
use KindChair\Movement\BodyNote;
use KindChair\Movement\HandPlace;

/** What a trunk is asked: rounding, arching, turning, leaning, and where the head comes to. */
final readonly class TrunkDemands implements Finder
{
    /** Degrees of turn or lean from which rounding is rounding with a turn. */
    private const TURNED_FROM = 10;
    /** Degrees from which a back is round. */
    private const ROUNDED_FROM = 15;
    /** Half the width of a seat of 45 cm, in the figure's units of 1.65 cm. */
    private const SEAT_HALF = 13.6;

    public function find(Shape $shape): iterable
    {
        yield $shape->largest(Demand::Rounding, null, JointAction::TrunkFlexion);
        yield $shape->largest(Demand::Arch, null, JointAction::TrunkExtension);
        foreach (Side::cases() as $side) {
            yield $shape->largest(Demand::TrunkTurn, $side, JointAction::TrunkTurn);
            yield $shape->largest(Demand::TrunkLean, $side, JointAction::TrunkSide);
        }
        $turned = $folds = $low = $outside = [];
        $rounding = 0;
        foreach ($shape->steps() as $step) {
            $round = $shape->angle($step, JointAction::TrunkFlexion, null) ?? 0;
            if ($round > 0 && max($shape->either($step, JointAction::TrunkTurn), $shape->either($step, JointAction::TrunkSide)) >= self::TURNED_FROM) {
                $turned[] = $step;
                $rounding = max($rounding, $round);
            }
            if ($round >= self::ROUNDED_FROM && $shape->bow($step) > 0) {
                $folds[] = $step;
            }
            $skeleton = $shape->skeleton($step);
            $isAtTheShins = $shape->bow($step) > 0 && $shape->handsOn(HandPlace::Shin) !== [];
            if ($shape->seat !== DrawnSeat::FlatBed && ($isAtTheShins || $skeleton->point('head')->y <= $skeleton->point('chest')->y)) {
                $low[] = $step;
            }
            $isSteadied = !$shape->isFree($step, Side::Left) || !$shape->isFree($step, Side::Right);
            if (!$isSteadied && abs($skeleton->point('head')->x) > self::SEAT_HALF) {
                $outside[] = $step;
            }
        }
        yield $rounding > 0 ? new Ask(Demand::RoundingTurned, $rounding, null, $turned) : null;
        yield $folds === [] ? null : new Ask(Demand::DeepFold, 1, null, $folds);
        yield $low === [] ? null : new Ask(Demand::HeadLow, 1, null, $low);
        yield $outside !== [] || $shape->body->has(BodyNote::LeansOutside) ? new Ask(Demand::LeanOutside, 1, null, $outside) : null;
        yield $shape->body->has(BodyNote::BellyPressed) ? $shape->there(Demand::BellyPressure) : null;
    }
}
