<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Planning\ClassPlanner;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\Ledger;
use KindChair\Review\TimeWords;
use KindChair\Script\Script;
use KindChair\Timeline\Beat;
use KindChair\Timeline\Timeline;

final class TimelineOfClass extends PlanFileCommand
{
    protected $signature = 'class:timeline {file : an open plan file} {--group= : a group file, if the class has none in it} {--pace= : a pace file, as class:pace prints it}';

    protected $description = 'Print the beats of a class, and its totals by section, region and side';

    protected function answer(ClassPlanner $planner, ClassPlan $plan, Group $group): array
    {
        $review = $planner->review($plan, $group);
        $sections = [];
        foreach ($plan->sections as $section) {
            $sections[$section->id] = TimeWords::seconds($review->timeline->sectionLength($section->id));
        }

        return [
            'title' => $plan->title,
            'seconds' => TimeWords::seconds($review->timeline->length()),
            ...$this->atPace($planner, $plan, $review->timeline),
            'sections' => $sections,
            'regions' => array_map(self::sides(...), $review->coverage->regions),
            'sides' => self::sides($review->total),
            'beats' => array_map(static fn (Beat $beat): array => [
                'section' => $beat->sectionId,
                'entry' => $beat->entryId,
                'kind' => $beat->kind->value,
                'start' => TimeWords::seconds($beat->start),
                'length' => TimeWords::seconds($beat->length),
                'breath' => $beat->breath->value,
                'side' => $beat->side?->value,
                'teacherSide' => Script::teacherSide($beat->side, $plan->settings)?->value,
                'direction' => $beat->direction,
                'crossing' => $beat->crossing?->value,
                'words' => $beat->words,
            ], $review->timeline->beats()),
        ];
    }

    /** @return array{atPace?: array{likely: float, from: float, to: float}} seconds at the pace of the file that was named */
    private function atPace(ClassPlanner $planner, ClassPlan $plan, Timeline $timeline): array
    {
        $pace = $this->paceOf($this->option('pace'));

        return $pace === null ? [] : ['atPace' => array_map(TimeWords::seconds(...), $pace->of($plan, $timeline, $planner->craft->library))];
    }

    /** @return array<string, array{seconds: float, repetitions: int}> */
    private static function sides(Ledger $ledger): array
    {
        return ['left' => $ledger->left->toArray(), 'right' => $ledger->right->toArray()];
    }
}
