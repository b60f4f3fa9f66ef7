<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SavePlace;
use App\Http\Resources\PlaceResource;
use App\Models\Place;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;
use KindChair\Place\Room;

/** Places: the room, how everyone sits in it, what is there, and what is never done there. */
final class PlaceController
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        return response()->json(['places' => $teacher->places()->orderBy('name')->get()->map(PlaceResource::of(...))->all()]);
    }

    public function store(#[CurrentUser] User $teacher, SavePlace $request): JsonResponse
    {
        $place = $teacher->places()->create(['name' => $request->validated('name'), 'document' => []]);

        return response()->json(PlaceResource::of($place), 201);
    }

    public function update(SavePlace $request, Place $place): JsonResponse
    {
        $document = $request->document();
        $this->schemas->check('place', PlaceResource::withObjects($document));
        if (isset($document['room'])) {
            PlaceReader::room(Node::root($document['room'], '/room'));
        }
        $place->update(['name' => $request->validated('name'), 'document' => $document]);

        return response()->json(PlaceResource::of($place));
    }

    public function destroy(Place $place): Response
    {
        $place->delete();

        return response()->noContent();
    }

}
