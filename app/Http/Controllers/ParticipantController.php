<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SavePerson;
use App\Models\Group;
use App\Models\Participant;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;

/** People, in groups and alone. */
final class ParticipantController
{
    public function __construct(private readonly Craft $craft, private readonly Schemas $schemas)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        $people = $teacher->participants()->with('groups')->orderBy('name')->get();

        return response()->json(['people' => $people->map(static fn (Participant $person): array => [
            'id' => $person->id,
            'person' => $person->document(),
            'groups' => $person->groups->pluck('id')->all(),
        ])->all()]);
    }

    public function store(SavePerson $request, Group $group): JsonResponse
    {
        $group->refuseMoreThan(1);
        $person = $group->add($this->document($request, Str::lower(Str::random(12))));

        return response()->json(['id' => $person->id, 'person' => $person->document()], 201);
    }

    public function update(SavePerson $request, Participant $person): JsonResponse
    {
        $person->fillFrom($this->document($request, $person->key))->save();

        return response()->json(['id' => $person->id, 'person' => $person->document()]);
    }

    /** Into one more group. */
    public function join(Group $group, Participant $person): Response
    {
        $group->refuseMoreThan(1);
        $group->people()->syncWithoutDetaching([$person->id]);

        return response()->noContent();
    }

    /** Out of a group; the person stays. */
    public function leave(Group $group, Participant $person): Response
    {
        $group->people()->detach($person->id);

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private function document(SavePerson $request, string $key): array
    {
        /** @var array<string, mixed> $document */
        $document = [...$request->json()->all(), 'id' => $key];
        $this->schemas->check('group', $document, '#/$defs/person');
        (new GroupReader($this->craft->precautions))->person(Node::root($document, 'this person'));

        return $document;
    }
}
