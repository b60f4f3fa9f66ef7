<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Group;
use App\Models\Participant;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
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

    public function store(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $group = $teacher->groups()->create(['name' => self::name($request)]);

        return response()->json(self::answer($group->load('people')), 201);
    }

    public function update(Request $request, Group $group): JsonResponse
    {
        $group->update(['name' => self::name($request)]);

        return response()->json(self::answer($group));
    }

    public function destroy(Group $group): Response
    {
        $group->delete();

        return response()->noContent();
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
