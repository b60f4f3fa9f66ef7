<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Group;
use App\Models\SeatedClass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use KindChair\Format\Craft;
use KindChair\Format\Day;
use KindChair\People\ClearanceState;

/** How everyone came to one class: pain, dizziness, new medicine, falls. */
final class ReadinessController
{
    use OwnData;

    public function __construct(private readonly Craft $craft)
    {
    }

    public function show(Request $request, int $seatedClass): JsonResponse
    {
        return $this->answer($this->find($request, $seatedClass));
    }

    public function update(Request $request, int $seatedClass, int $participant): JsonResponse
    {
        $class = $this->find($request, $seatedClass);
        abort_unless($class->group?->people()->whereKey($participant)->exists() ?? false, 404);
        $answers = $request->validate([
            'pain' => ['integer', 'min:0', 'max:10'],
            'dizzy' => ['boolean'],
            'medicine' => ['boolean'],
            'fall' => ['boolean'],
            'note' => ['nullable', 'string', 'max:300'],
        ], ['pain.*' => 'Pain is told from 0, none, to 10, the worst.']);
        $class->checks()->updateOrCreate(['participant_id' => $participant], ['answers' => array_filter($answers, static fn (mixed $value): bool => $value !== null)]);

        return $this->answer($class);
    }

    public function destroy(Request $request, int $seatedClass, int $participant): JsonResponse
    {
        $class = $this->find($request, $seatedClass);
        $class->checks()->where('participant_id', $participant)->delete();

        return $this->answer($class);
    }

    private function find(Request $request, int $id): SeatedClass
    {
        return $this->teacher($request)->classes()->with('group.people')->findOrFail($id);
    }

    private function answer(SeatedClass $class): JsonResponse
    {
        $checks = $class->checks()->get()->keyBy('participant_id');
        $people = [];
        foreach ($class->group instanceof Group ? $class->group->documents() : [] as $id => $person) {
            $people[] = ['id' => $id, 'key' => $person['id'], 'name' => $person['name'], 'clearance' => $this->clearance($person)->value, 'answers' => $checks->get($id)?->answers];
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
