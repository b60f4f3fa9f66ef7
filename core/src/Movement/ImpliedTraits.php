<?php

declare(strict_types=1);

namespace KindChair\Movement;

use KindChair\Body\JointAction;
use KindChair\Body\Side;

/**
 * Traits that follow from what a variation asks of the joints and how one sits for it.
 *
 * Source: 150 degrees counts as overhead and 90 as a right angle of the hip (rules of the craft); the other
 * thresholds are planning defaults on the gentle side.
 */
final readonly class ImpliedTraits
{
    /** Degrees from which an angle means a trait. */
    private const FROM = [
        [JointAction::ShoulderFlexion, 150, MovementTrait::ArmsOverhead],
        [JointAction::ShoulderAbduction, 150, MovementTrait::ArmsOverhead],
        [JointAction::HipFlexion, 91, MovementTrait::HipFlexionOver90],
        [JointAction::HipHinge, 1, MovementTrait::HipFlexionOver90],
        [JointAction::HipExtension, 1, MovementTrait::LegBehind],
        [JointAction::HipInward, 16, MovementTrait::HipInwardTurn],
        [JointAction::HipAdduction, 16, MovementTrait::LegsCrossed],
        [JointAction::KneeFlexion, 111, MovementTrait::KneeEndFlexion],
        [JointAction::NeckExtension, 11, MovementTrait::NeckExtension],
        [JointAction::NeckTurn, 46, MovementTrait::NeckEndRotation],
        [JointAction::TrunkExtension, 16, MovementTrait::BackArch],
        [JointAction::TrunkTurn, 31, MovementTrait::EndRangeTwist],
    ];
    /** A rounded back over hips closed past a right angle. */
    private const ROUNDED = 20;

    /**
     * @param array<string, Angles> $angles by step id
     * @return list<MovementTrait>
     */
    public static function of(array $angles, Position $position): array
    {
        $traits = match ($position) {
            Position::Standing => [MovementTrait::Standing],
            Position::BedFlat => [MovementTrait::LyingFlat],
            default => [],
        };
        foreach ($angles as $step) {
            $rounds = $hinges = false;
            foreach ($step->on(Side::Left) as $angle) {
                foreach (self::FROM as [$action, $from, $trait]) {
                    if ($angle->action === $action && $angle->degrees >= $from) {
                        $traits[] = $trait;
                    }
                }
                $rounds = $rounds || $angle->action === JointAction::TrunkFlexion && $angle->degrees >= self::ROUNDED;
                $hinges = $hinges || $angle->action === JointAction::HipHinge && $angle->degrees > 0;
            }
            if ($rounds && $hinges) {
                $traits[] = MovementTrait::DeepTrunkFlexion;
            }
        }

        return array_values(array_unique($traits, SORT_REGULAR));
    }
}
