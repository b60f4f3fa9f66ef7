<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\Angles;
use KindChair\Movement\Movement;
use KindChair\Movement\Step;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** One opens on the in-breath and folds on the out-breath, or the movement says why not. */
final readonly class BreathGoesWithMovement implements MovementRule
{
    /** Degrees of growth from which a direction of the breath is told. */
    private const TOLD_FROM = 10;
    private const OPENING = [
        JointAction::ShoulderFlexion, JointAction::ShoulderAbduction, JointAction::TrunkExtension,
        JointAction::ShoulderLift, JointAction::HipAbduction,
    ];
    private const FOLDING = [
        JointAction::TrunkFlexion, JointAction::HipHinge, JointAction::TrunkSide, JointAction::TrunkTurn,
        JointAction::NeckFlexion, JointAction::NeckSide, JointAction::ShoulderAcross,
    ];

    public function check(Movement $movement): array
    {
        if ($movement->breathReason !== null) {
            return [];
        }
        $problems = [];
        $steps = $movement->steps;
        foreach ($steps as $at => $step) {
            $before = $steps[$at - 1] ?? $steps[count($steps) - 1];
            $against = match ($step->breath) {
                Breath::In => self::grows($before, $step, self::FOLDING),
                Breath::Out => self::grows($before, $step, self::OPENING),
                default => [],
            };
            // Pressing the hands away rounds the back, closing the arms brings them across: both go with the out-breath.
            $comesWithAFold = $step->breath === Breath::Out && self::grows($before, $step, self::FOLDING, 0) !== [];
            foreach ($comesWithAFold ? [] : $against as $action) {
                $problems[] = new MovementProblem(
                    "steps/$step->id",
                    ucfirst($action->plainName()) . ' usually goes with the other breath; say why it does not here.',
                );
            }
        }

        return $problems;
    }

    /**
     * @param list<JointAction> $actions
     * @return list<JointAction> those of them that grow by more than so many degrees
     */
    private static function grows(Step $before, Step $step, array $actions, int $moreThan = self::TOLD_FROM): array
    {
        $degrees = static fn (Angles $angles, JointAction $action): int => max([0, ...array_map(
            static fn ($angle): int => $angle->action === $action ? $angle->degrees : 0,
            $angles->on(Side::Left),
        )]);

        return array_values(array_filter(
            $actions,
            static fn (JointAction $action): bool => $degrees($step->angles, $action) - $degrees($before->angles, $action) > $moreThan,
        ));
    }
}
