<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SaveGroup;
use App\Models\Group;
use App\Models\Participant;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Groups of people. */
final class GroupController
{
    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        $groups = $teacher->groups()->with('people')->orderBy('name')->get();

        return response()->json(['groups' => $groups->map(self::answer(...))->all()]);
    }

    public function show(Group $group): JsonResponse
    {
        return response()->json(self::answer($group));
    }

    public function store(#[CurrentUser] User $teacher, SaveGroup $request): JsonResponse
    {
        $group = $teacher->groups()->create(['name' => $request->validated('name')]);

        return response()->json(self::answer($group->load('people')), 201);
    }

    public function update(SaveGroup $request, Group $group): JsonResponse
    {
        $group->update(['name' => $request->validated('name')]);

        return response()->json(self::answer($group));
    }

    public function destroy(Group $group): Response
    {
        $group->delete();

        return response()->noContent();
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
