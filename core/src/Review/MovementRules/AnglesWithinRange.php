<?php

declare(strict_types=1);

namespace KindChair\Review\MovementRules;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\Movement\Movement;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementRule;

/** Angles stay within the normal range of the joint, and go further from rung to rung. */
final readonly class AnglesWithinRange implements MovementRule
{
    public function __construct(private RangeTable $ranges)
    {
    }

    public function check(Movement $movement): array
    {
        $problems = [];
        $reached = [];
        foreach ($movement->variations as $variation) {
            $furthest = [];
            foreach ($variation->angles as $step => $angles) {
                foreach ($angles->on(Side::Left) as $angle) {
                    $normal = $this->ranges->normal($angle->action)->to;
                    if ($angle->degrees > $normal) {
                        $what = ucfirst($angle->action->plainName());
                        $problems[] = new MovementProblem("variations/$variation->id/$step", "$what stops at {$normal}°; \"$variation->name\" asks for {$angle->degrees}°.");
                    }
                    $rest = in_array($angle->action, [JointAction::KneeFlexion, JointAction::HipFlexion], true) ? 90 : 0;
                    $furthest[$angle->key] = max($furthest[$angle->key] ?? 0, abs($angle->degrees - $rest));
                }
            }
            if (!$variation->allows(Base::Chair) || $movement->mainRegion() === null) {
                continue;
            }
            foreach ($furthest as $key => $degrees) {
                // Arms may change their way from rung to rung; head, trunk and legs only go further.
                if (!in_array(strtok($key, '-'), ['elbow', 'shoulder', 'forearm'], true) && $degrees < ($reached[$key] ?? 0)) {
                    $what = JointAction::from((string) strtok($key, ':'))->plainName();
                    $problems[] = new MovementProblem("variations/$variation->id", "\"$variation->name\" goes less far ($what) than a gentler rung.");
                }
                $reached[$key] = max($degrees, $reached[$key] ?? 0);
            }
        }

        return $problems;
    }
}
