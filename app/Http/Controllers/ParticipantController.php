<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Craft\Schemas;
use App\Models\Participant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\GroupReader;
use KindChair\Format\Node;

/** The people of a group. */
final class ParticipantController
{
    use OwnData;

    public function __construct(private readonly Craft $craft, private readonly Schemas $schemas)
    {
    }

    public function store(Request $request, int $group): JsonResponse
    {
        $found = $this->teacher($request)->groups()->findOrFail($group);
        $document = $this->document($request, Str::lower(Str::random(8)));
        $person = $found->people()->make(['key' => $document['id']])->fillFrom($document);
        $person->save();

        return response()->json(['id' => $person->id, 'person' => $person->document()], 201);
    }

    public function update(Request $request, int $participant): JsonResponse
    {
        $person = $this->find($request, $participant);
        $person->fillFrom($this->document($request, $person->key))->save();

        return response()->json(['id' => $person->id, 'person' => $person->document()]);
    }

    public function destroy(Request $request, int $participant): Response
    {
        $this->find($request, $participant)->delete();

        return response()->noContent();
    }

    private function find(Request $request, int $id): Participant
    {
        return $this->teacher($request)->participants()->findOrFail($id);
    }

    /** @return array<string, mixed> */
    private function document(Request $request, string $key): array
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80']],
            ['name.*' => 'Please write a name or initials.'],
        );
        /** @var array<string, mixed> $document */
        $document = [...$request->json()->all(), 'id' => $key];
        $this->schemas->check('group', $document, '#/$defs/person');
        (new GroupReader($this->craft->precautions))->person(Node::root($document, 'this person'));

        return $document;
    }
}
