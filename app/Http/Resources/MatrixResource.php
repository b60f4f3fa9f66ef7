<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SeatedClass;
use App\Models\VersionChoice;
use App\Planning\ClassPlanner;
use KindChair\Fit\Matrix;
use KindChair\Movement\Variation;
use KindChair\People\Participant;
use KindChair\Place\PackingList;

/** Everyone and every movement of a class, what to bring, and what the teacher chose (schema/answer-matrix.schema.json). */
final readonly class MatrixResource
{
    public function __construct(private ClassPlanner $planner)
    {
    }

    /** @return array<string, mixed> */
    public function of(SeatedClass $class): array
    {
        $plan = $this->planner->read($class->plan()->document);
        $group = $this->planner->peopleOf($class);
        $review = $this->planner->reviewOf($class, $plan, $group);
        $movements = $passes = $entries = [];
        foreach ($plan->entries() as $entry) {
            $movements[$entry->id] = $this->planner->movement($entry->movement);
            $passes[$entry->id] = $review->timeline->passesOf($entry->id);
        }
        $matrix = Matrix::of($group, $movements, $passes, $review->versions);
        foreach ($movements as $id => $movement) {
            $entries[] = [
                'id' => $id,
                'name' => $movement->name(),
                'zone' => $movement->mainRegion()?->zone()->value,
                'variations' => array_map(static fn (Variation $variation): array => ['id' => $variation->id, 'name' => $variation->name, 'isWithProp' => $variation->option !== null], [...$movement->variations, ...$movement->withProps->all()]),
                'seconds' => $matrix->tenths[$id] / 10,
            ];
        }
        $ids = array_keys($class->group?->documents() ?? []);
        $cells = new VersionResource($this->planner);

        return [
            'class' => $class->title,
            'inclusion' => round($matrix->inclusion, 4),
            'people' => array_map(static fn (Participant $person, int $at): array => [
                'id' => $ids[$at],
                'key' => $person->id,
                'name' => $person->name,
                'base' => $person->base->value,
                'share' => round($matrix->people[$person->id]['share'], 4),
                'left' => $matrix->people[$person->id]['left'] / 10,
                'right' => $matrix->people[$person->id]['right'] / 10,
                'isBalanced' => $matrix->people[$person->id]['isBalanced'],
                'cells' => array_map(static fn (string $entry): array => $cells->of($review->versions[$entry][$at], $person), array_keys($movements)),
            ], $group->people, array_keys($group->people)),
            'entries' => $entries,
            'bring' => PackingList::of($review->versions, $this->planner->craft->changeOvers, $class->venue?->counted()),
            'choices' => $class->choices()->with('participant')->latest('id')->get()->map(static fn (VersionChoice $choice): array => [
                'id' => $choice->id,
                'person' => $choice->participant->name,
                'entry' => $choice->entry,
                'what' => isset($movements[$choice->entry], $choice->choice['variation']) && $movements[$choice->entry]->hasVariation($choice->choice['variation'])
                    ? $movements[$choice->entry]->name() . ': ' . $movements[$choice->entry]->variation($choice->choice['variation'])->name
                    : (isset($movements[$choice->entry]) ? $movements[$choice->entry]->name() . ': rests' : 'A movement that was taken out'),
                'reason' => $choice->choice['reason'],
                'despite' => $choice->choice['despite'] ?? [],
                'at' => (string) $choice->created_at?->toIso8601String(),
                'isEnded' => $choice->ended_at !== null,
            ])->all(),
        ];
    }

}
