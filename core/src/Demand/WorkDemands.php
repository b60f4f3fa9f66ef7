<?php

declare(strict_types=1);

namespace KindChair\Demand;

use KindChair\Breath\Breath;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Phase;
use KindChair\Movement\Step;
use KindChair\Movement\TouchKind;

/** What effort, touch, breath and memory are asked. */
final readonly class WorkDemands implements Finder
{
    public function find(Shape $shape): iterable
    {
        $movement = $shape->movement;
        $cycle = array_map(static fn (Step $step): string => $step->id, $movement->cycle());
        $poses = array_map(static fn (string $step): string => json_encode($shape->variation->anglesOn($shape->base)[$step]->byRole, JSON_THROW_ON_ERROR), $cycle);
        $isStill = count(array_unique($poses)) === 1;
        if ($shape->body->works(Effort::Press) || $shape->body->works(Effort::Squeeze) || $shape->body->works(Effort::HeadPress)) {
            $pressed = array_filter($movement->steps, static fn (Step $step): bool => $step->phase === Phase::Cycle && ($isStill && $movement->kind === MovementKind::Hold || $step->breath === Breath::Out));
            yield new Ask(Demand::Press, 1, null, array_map(static fn (Step $step): string => $step->id, array_values($pressed)));
        }
        yield $movement->kind === MovementKind::Strength || $shape->body->effort !== [] ? new Ask(Demand::Heat, 1, null, $cycle) : null;
        yield $isStill && $movement->kind === MovementKind::Hold ? new Ask(Demand::Hold, 1, null, $cycle) : null;
        yield $movement->cuesPause(Breath::HoldFull) || $movement->cuesPause(Breath::HoldEmpty) ? $this->pauses($shape) : null;
        yield $shape->body->has(BodyNote::BreathForced) ? $shape->there(Demand::ForcedBreath) : null;
        foreach ($shape->body->touch as $touch) {
            yield $shape->there(match ($touch->does) {
                TouchKind::Rub => Demand::SkinRub,
                TouchKind::Pat => Demand::SkinPat,
                TouchKind::Press => Demand::SkinPress,
            });
        }
        $different = array_unique(array_map(static fn (string $step): string => json_encode($shape->variation->anglesOn($shape->base)[$step]->byRole, JSON_THROW_ON_ERROR), $shape->steps()));
        yield new Ask(Demand::Steps, count($different), null, $shape->steps());
    }

    /** The gentlest rung of a breath with pauses is the one that leaves them out. */
    private function pauses(Shape $shape): ?Ask
    {
        return $shape->variation->level === 1 ? null : $shape->there(Demand::BreathPause);
    }
}
