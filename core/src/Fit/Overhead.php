<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\JointAction;
use KindChair\Body\Side;
use KindChair\Movement\Variation;
use KindChair\Timeline\TimedPass;

/** Measures how long arms stay overhead without a break. */
final readonly class Overhead
{
    /** Degrees from which an arm counts as overhead. */
    public const FROM = 150;

    /**
     * @param list<TimedPass> $passes
     * @return int tenths of a second of the longest unbroken stretch
     */
    public static function longest(Variation $variation, array $passes): int
    {
        $up = [];
        foreach ($variation->angles as $step => $angles) {
            foreach ($angles->on(Side::Left) as $angle) {
                $raises = $angle->action === JointAction::ShoulderFlexion || $angle->action === JointAction::ShoulderAbduction;
                $up[$step] = ($up[$step] ?? false) || ($raises && $angle->degrees >= self::FROM);
            }
        }
        $longest = 0;
        foreach ($passes as $pass) {
            $run = 0;
            foreach ($pass->beats as $beat) {
                $run = ($up[$beat->stepId ?? ''] ?? false) ? $run + $beat->length : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest;
    }
}
