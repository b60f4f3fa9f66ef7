<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveReadiness;
use App\Models\Group;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Planning\ClassPlanner;
use Illuminate\Http\JsonResponse;
use KindChair\Format\Craft;
use KindChair\Format\Day;
use KindChair\People\ClearanceState;
use KindChair\People\Participant as Person;

/** How everyone came to one class: pain, dizziness, new medicine, falls. */
final class ReadinessController
{
    public function __construct(private readonly Craft $craft, private readonly ClassPlanner $planner)
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
        $reminders = array_column(array_map(static fn (Person $one): array => ['id' => $one->id, 'always' => $one->reminders()], $this->planner->peopleOf($class)->people), 'always', 'id');
        foreach ($class->group instanceof Group ? $class->group->documents() : [] as $id => $person) {
            $people[] = ['id' => $id, 'key' => $person['id'], 'name' => $person['name'], 'clearance' => $this->clearance($person)->value, 'always' => $reminders[$person['id']] ?? [], 'answers' => $checks->get($id)?->answers];
        }

        return response()->json(['class' => $class->title, 'people' => $people]);
    }

    /** @param array<string, mixed> $person */
    private function clearance(array $person): ClearanceState
    {
        $isAdvised = array_filter($person['precautions'] ?? [], fn (array $noted): bool => $this->craft->precautions->get($noted['code'])->askClinician !== null) !== [];

        return ClearanceState::of($isAdvised, Day::read($person['clearance']['date'] ?? null), today()->toDateTimeImmutable());
    }
}
