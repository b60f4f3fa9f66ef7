<?php

declare(strict_types=1);

namespace KindChair\Figure;

use Closure;
use KindChair\Body\JointAction;

/**
 * An arm whose hand comes to its own shoulder: the elbow is closed, the upper arm stays where it is written to be,
 * and it is turned and the wrist bent until the fingers are there.
 */
final class FoldedArm
{
    /** Degrees to which the arm is turned, inwards under 0, and by which the wrist is bent. */
    private const TURNS = [-60, -45, -30, -15, 0, 10, 20, 30, 40, 50, 60, 70, 80, 90];
    private const WRISTS = [25, 40, 55, 70];

    /**
     * @param Vector $target where the fingers should be, as seen from the shoulder of a right arm
     * @param array<string, float> $wished degrees by joint action
     * @param float $closed degrees by which an elbow bends at most
     * @param Closure(array<string, float>, Vector, Vector): float $cost of angles, with the upper arm and the direction in which the elbow bends
     * @param float $short what a unit costs by which the fingers are away
     * @return array{cost: float, angles: array<string, float>}
     */
    public static function to(Vector $target, array $wished, float $closed, Closure $cost, float $short, float $touches): array
    {
        $raise = deg2rad($wished[JointAction::ShoulderFlexion->value] - $wished[JointAction::ShoulderExtension->value]);
        $open = deg2rad($wished[JointAction::ShoulderAbduction->value]);
        $across = deg2rad($wished[JointAction::ShoulderAcross->value]);
        $co = cos($open);
        $so = sin($open);
        $cr = cos($raise);
        $sr = sin($raise);
        $ca = cos($across);
        $sa = sin($across);
        // As Skeleton turns a right arm: the upper arm, and what is ahead of it.
        $upper = new Vector($so * $ca - $co * $sr * $sa, -$co * $cr, $so * $sa + $co * $sr * $ca);
        $ahead = new Vector(-$cr * $sa, $sr, $cr * $ca);
        $aside = $ahead->cross($upper);
        $cb = cos(deg2rad($closed));
        $sb = sin(deg2rad($closed));
        $best = ['cost' => INF, 'angles' => $wished];
        foreach (self::TURNS as $turn) {
            $hinge = Vector::sum($ahead, cos(deg2rad($turn)), $aside, sin(deg2rad($turn)));
            $forearm = Vector::sum($upper, $cb, $hinge, $sb);
            $thumb = Vector::sum($hinge, $cb, $upper, -$sb);
            $wrist = Vector::sum($upper, Measures::UPPER_ARM, $forearm, Measures::FOREARM);
            foreach (self::WRISTS as $bent) {
                $hand = Vector::sum($forearm, cos(deg2rad($bent)), $thumb, sin(deg2rad($bent)));
                $away = $target->from($wrist->plus($hand, Measures::HAND), $wrist->plus($hand, Measures::FINGERS));
                $angles = [
                    JointAction::ShoulderInward->value => max(0.0, (float) -$turn),
                    JointAction::ShoulderOutward->value => max(0.0, (float) $turn),
                    JointAction::ElbowFlexion->value => $closed,
                    JointAction::WristFlexion->value => (float) $bent,
                    JointAction::WristExtension->value => 0.0,
                ] + $wished;
                $total = $cost($angles, $upper, $hinge) + $short * max(0.0, $away - $touches) + $bent;
                if ($total < $best['cost']) {
                    $best = ['cost' => $total, 'angles' => $angles];
                }
            }
        }

        return $best;
    }
}
