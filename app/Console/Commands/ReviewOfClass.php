<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Planning\ClassPlanner;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\JointAngle;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Finding;
use KindChair\Review\Ledger;
use KindChair\Review\Tally;
use KindChair\Review\TimeWords;

final class ReviewOfClass extends PlanFileCommand
{
    protected $signature = 'class:review {file : an open plan file} {--group= : a group file, if the class has none in it}';

    protected $description = 'Print the ledger, order, findings and who does what of a class';

    protected function answer(ClassPlanner $planner, ClassPlan $plan, Group $group): array
    {
        $review = $planner->review($plan, $group);

        return [
            'title' => $plan->title,
            'seconds' => TimeWords::seconds($review->timeline->length()),
            'slotSeconds' => $plan->slotMinutes * 60,
            'paceFactor' => $group->paceFactor(),
            'ledger' => ['class' => self::ledger($review->total), 'entries' => array_map(self::ledger(...), $review->ledgers)],
            'order' => ['score' => round($review->order->score, 4), 'move' => $review->order->moves],
            'spine' => array_map(TimeWords::seconds(...), $review->coverage->spine),
            'findings' => array_map(static fn (Finding $finding): array => [
                'key' => $finding->key,
                'entry' => $finding->entry,
                'says' => $finding->says,
                'why' => $finding->why,
                'source' => $finding->source,
                'remedy' => $finding->remedy === null ? null : [
                    'label' => $finding->remedy->label,
                    'seconds' => TimeWords::seconds(
                        $planner->timeline($finding->remedy->plan, $group)->length() - $review->timeline->length(),
                    ),
                ],
            ], $review->findings),
            'whoDoesWhat' => array_map(
                static fn (array $versions): array => array_map(self::version(...), $versions),
                $review->versions,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function ledger(Ledger $ledger): array
    {
        $each = static fn (array $tallies): object => (object) array_map(static fn (Tally $tally): array => $tally->toArray(), $tallies);

        return [
            'left' => $ledger->left->toArray(),
            'right' => $ledger->right->toArray(),
            'directions' => $each($ledger->directions),
            'crossings' => $each($ledger->crossings),
            'balanced' => $ledger->sidesBalance(),
        ];
    }

    /** @return array<string, mixed> */
    private static function version(PersonVersion $version): array
    {
        return [
            'person' => $version->participant,
            'mark' => $version->mark->value,
            'movement' => $version->movement,
            'variation' => $version->variation,
            'does' => $version->does,
            'why' => $version->why,
            'atMostSeconds' => $version->atMost === null ? null : TimeWords::seconds($version->atMost),
            'heldTo' => array_map(static fn (JointAngle $cap): array => [
                'action' => $cap->action->value,
                'side' => $cap->side?->value,
                'degrees' => $cap->degrees,
            ], $version->caps),
        ];
    }
}
