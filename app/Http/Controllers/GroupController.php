<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Group;
use App\Models\Participant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Groups of people. */
final class GroupController
{
    use OwnData;

    public function index(Request $request): JsonResponse
    {
        $groups = $this->teacher($request)->groups()->with('people')->orderBy('name')->get();

        return response()->json(['groups' => $groups->map(self::answer(...))->all()]);
    }

    public function show(Request $request, int $group): JsonResponse
    {
        return response()->json(self::answer($this->find($request, $group)));
    }

    public function store(Request $request): JsonResponse
    {
        $group = $this->teacher($request)->groups()->create(['name' => self::name($request)]);

        return response()->json(self::answer($group->load('people')), 201);
    }

    public function update(Request $request, int $group): JsonResponse
    {
        $found = $this->find($request, $group);
        $found->update(['name' => self::name($request)]);

        return response()->json(self::answer($found));
    }

    public function destroy(Request $request, int $group): Response
    {
        $this->find($request, $group)->delete();

        return response()->noContent();
    }

    private function find(Request $request, int $id): Group
    {
        return $this->teacher($request)->groups()->with('people')->findOrFail($id);
    }

    private static function name(Request $request): string
    {
        return $request->validate(
            ['name' => ['required', 'string', 'max:100']],
            ['name.required' => 'Please give the group a name, such as "Tuesday group".'],
        )['name'];
    }

    /** @return array<string, mixed> */
    private static function answer(Group $group): array
    {
        return [
            'id' => $group->id,
            'name' => $group->name,
            'people' => $group->people->map(
                static fn (Participant $person): array => ['id' => $person->id, 'person' => $person->document()],
            )->values()->all(),
        ];
    }
}
