<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Models\Group;
use App\Models\Participant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;

/** People, in groups and alone. */
final class ParticipantController
{
    use OwnData;

    public function __construct(private readonly Craft $craft, private readonly Schemas $schemas)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $people = $this->teacher($request)->participants()->with('groups')->orderBy('name')->get();

        return response()->json(['people' => $people->map(static fn (Participant $person): array => [
            'id' => $person->id,
            'person' => $person->document(),
            'groups' => $person->groups->pluck('id')->all(),
        ])->all()]);
    }

    public function store(Request $request, int $group): JsonResponse
    {
        $found = $this->group($request, $group);
        $found->refuseMoreThan(1);
        $person = $found->add($this->document($request, Str::lower(Str::random(12))));

        return response()->json(['id' => $person->id, 'person' => $person->document()], 201);
    }

    public function update(Request $request, int $participant): JsonResponse
    {
        $person = $this->find($request, $participant);
        $person->fillFrom($this->document($request, $person->key))->save();

        return response()->json(['id' => $person->id, 'person' => $person->document()]);
    }

    /** Into one more group. */
    public function join(Request $request, int $group, int $participant): Response
    {
        $found = $this->group($request, $group);
        $found->refuseMoreThan(1);
        $found->people()->syncWithoutDetaching([$this->find($request, $participant)->id]);

        return response()->noContent();
    }

    /** Out of a group; the person stays. */
    public function leave(Request $request, int $group, int $participant): Response
    {
        $this->group($request, $group)->people()->detach($this->find($request, $participant)->id);

        return response()->noContent();
    }

    private function group(Request $request, int $id): Group
    {
        return $this->teacher($request)->groups()->findOrFail($id);
    }

    private function find(Request $request, int $id): Participant
    {
        return $this->teacher($request)->participants()->findOrFail($id);
    }

    /** @return array<string, mixed> */
    private function document(Request $request, string $key): array
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80', 'regex:/^[^\r\n\t]+$/']],
            ['name.required' => 'Please write a name or initials.', 'name.*' => 'Please write a name or initials on one line, in 80 letters or fewer.'],
        );
        /** @var array<string, mixed> $document */
        $document = [...$request->json()->all(), 'id' => $key];
        $this->schemas->check('group', $document, '#/$defs/person');
        (new GroupReader($this->craft->precautions))->person(Node::root($document, 'this person'));

        return $document;
    }
}
