<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Planning\ClassPlanner;
use KindChair\Compose\Composition;
use KindChair\Compose\Reasons;
use KindChair\Format\PlanWriter;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Review\TimeWords;

/** A class that was composed (schema/answer-compose.schema.json, candidate). */
final readonly class ComposedResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /**
     * @param array<array-key, mixed> $document that of the frame
     * @return array<string, mixed>
     */
    public function of(Composition $made, ClassPlan $frame, array $document, Group $group): array
    {
        $reasons = Reasons::of($made, $this->planner->craft->library, $group);

        return [
            'as' => $made->wish->character->value,
            'title' => $reasons->title,
            'because' => $reasons->because,
            'givesUp' => $reasons->givesUp,
            'seconds' => TimeWords::seconds($made->review->timeline->length()),
            'slotSeconds' => $made->plan->slotMinutes * 60,
            'people' => ['moving' => $reasons->moving, 'all' => $reasons->people],
            'fresh' => $reasons->fresh,
            'directions' => $reasons->directions,
            'props' => array_map($this->planner->propName(...), $reasons->props),
            'score' => $made->solution->points,
            'bound' => $made->solution->bound,
            'gap' => round($made->solution->gap(), 5),
            'added' => $made->added,
            'rows' => (new SpineResource($this->planner))->of($made->plan, $made->review),
            'plan' => (new PlanWriter($this->planner->craft->patterns))->write($frame, $made->plan, $document),
        ];
    }
}
