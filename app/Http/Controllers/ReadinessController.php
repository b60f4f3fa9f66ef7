<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveReadiness;
use App\Models\Group;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Illuminate\Http\JsonResponse;

/** How everyone came to one class: pain, dizziness, new medicine, falls. */
final class ReadinessController
{
    public function __construct(private readonly ClassPlanner $planner)
    {
    }

    public function show(SeatedClass $class): JsonResponse
    {
        return $this->answer($class);
    }

    public function update(SaveReadiness $request, SeatedClass $class, Participant $person): JsonResponse
    {
        abort_unless($class->group?->people()->whereKey($person->id)->exists() ?? false, 404);
        $class->checks()->updateOrCreate(['participant_id' => $person->id], ['answers' => array_filter($request->validated(), static fn (mixed $value): bool => $value !== null)]);

        return $this->answer($class);
    }

    public function destroy(SeatedClass $class, Participant $person): JsonResponse
    {
        $class->checks()->where('participant_id', $person->id)->delete();

        return $this->answer($class);
    }

    private function answer(SeatedClass $class): JsonResponse
    {
        $checks = $class->checks()->get()->keyBy('participant_id');
        $people = [];
        $noted = array_column($this->planner->group($class->group)->people, null, 'id');
        $today = array_column($this->planner->peopleOf($class)->people, null, 'id');
        foreach ($class->group instanceof Group ? $class->group->documents() : [] as $id => $person) {
            $people[] = ['id' => $id, 'key' => $person['id'], 'name' => $person['name'], 'clearance' => $noted[$person['id']]->clearance(today()->toDateTimeImmutable())->value, 'always' => $today[$person['id']]->reminders(), 'answers' => $checks->get($id)?->answers];
        }

        return response()->json(['class' => $class->title, 'people' => $people]);
    }
}
