<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Compose\Trim;
use KindChair\Format\PlanWriter;
use KindChair\Plan\ClassPlan;
use KindChair\Review\TimeWords;

/** A class brought to another length (schema/answer-trim.schema.json). */
final readonly class TrimResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /**
     * @param Trim|null $trim none when even the least that is kept takes longer
     * @param array<array-key, mixed> $document that of the plan
     * @return array<string, mixed>
     */
    public function of(?Trim $trim, ClassPlan $plan, int $minutes, array $document): array
    {
        if ($trim === null) {
            return ['minutes' => $minutes, 'fits' => false];
        }

        return [
            'minutes' => $minutes,
            'fits' => true,
            'seconds' => TimeWords::seconds($trim->length),
            'score' => $trim->solution->points,
            'bound' => $trim->solution->bound,
            'gap' => round($trim->solution->gap(), 5),
            'changed' => array_map(fn (string $entry, array $doses): array => [
                'entry' => $entry,
                'name' => $this->planner->movement($plan->entry($entry)->movement)->name(),
                ...$doses,
            ], array_keys($trim->changed), $trim->changed),
            'left' => $trim->left,
            'plan' => (new PlanWriter($this->planner->craft->patterns))->write($plan, $trim->plan, $document),
        ];
    }
}
