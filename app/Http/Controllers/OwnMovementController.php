<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Download;
use App\Files\MovementsFile;
use App\Http\Requests\SaveDraft;
use App\Http\Resources\DemandResource;
use App\Library\OwnMovements;
use App\Models\OwnMovement;
use App\Models\User;
use App\Planning\TeachersPeople;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use KindChair\Format\Craft;
use KindChair\Review\MovementProblem;

/** A teacher's own movements: drafts, what is kept of them, and files. */
final class OwnMovementController
{
    public function __construct(private readonly OwnMovements $ownMovements, private readonly Craft $craft)
    {
    }

    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        $all = $teacher->ownMovements()->whereNull('removed_at')->orderBy('id')->get();

        return response()->json(['own' => $all->map(static fn (OwnMovement $own): array => [
            'key' => $own->key,
            'number' => $own->number,
            'hasDraft' => $own->draft !== null,
            'name' => is_string($own->working()['names']['plain'] ?? null) && trim($own->working()['names']['plain']) !== '' ? $own->working()['names']['plain'] : 'A movement without a name yet',
        ])->all()]);
    }

    public function store(#[CurrentUser] User $teacher, Request $request): JsonResponse
    {
        $after = $request->validate(['after' => ['nullable', 'string', 'max:80']])['after'] ?? null;

        return $this->answer($this->ownMovements->begin($teacher, $after), 201);
    }

    public function show(OwnMovement $own): JsonResponse
    {
        return $this->answer($own);
    }

    public function update(SaveDraft $request, OwnMovement $own): JsonResponse
    {
        $document = $request->document();
        abort_if(strlen((string) json_encode($document)) > 200_000, 422, 'This movement has grown too large to store.');
        $own->update(['draft' => [...$document, 'id' => $own->key]]);

        return $this->answer($own);
    }

    public function keep(OwnMovement $own): JsonResponse
    {
        $document = $own->working();
        if ($this->ownMovements->problems($document) !== []) {
            return $this->answer($own, 422, 'A few things are still missing. Your draft is safe.');
        }
        $own->keep($document);

        return $this->answer($own);
    }

    /** Throws the draft away; what was kept before stays. */
    public function discard(OwnMovement $own): JsonResponse|Response
    {
        if ($own->number === 0) {
            $own->delete();

            return response()->noContent();
        }
        $own->update(['draft' => null]);

        return $this->answer($own);
    }

    /** Takes it off the shelf; classes that use it go on as they are. */
    public function destroy(OwnMovement $own): Response
    {
        $own->update(['removed_at' => now(), 'draft' => null]);

        return response()->noContent();
    }

    public function export(#[CurrentUser] User $teacher, Request $request): Response
    {
        $keys = array_filter(explode(',', $request->string('keys')->toString()));
        $own = $teacher->ownMovements()->where('number', '>', 0)->whereNull('removed_at')
            ->when($keys !== [], static fn ($query) => $query->whereIn('key', $keys))->orderBy('id')->get();
        $documents = $own->map(fn (OwnMovement $one): array => $this->ownMovements->documentOf($teacher, $one->idOf($one->number)));

        return Download::of(MovementsFile::write(array_values($documents->all())), 'application/json', 'movements.kind-chair.json');
    }

    public function import(#[CurrentUser] User $teacher, Request $request, MovementsFile $file): JsonResponse
    {
        return response()->json($file->import($teacher, $request->getContent()));
    }

    private function answer(OwnMovement $own, int $status = 200, ?string $message = null): JsonResponse
    {
        $document = $own->working();
        $asks = [];
        $movement = $this->ownMovements->draft($document);
        if ($movement !== null) {
            $people = (new TeachersPeople($this->craft))->of($own->user);
            foreach ($movement->variations as $variation) {
                $asks[$variation->id] = DemandResource::of($this->craft, $movement, $variation, $people);
            }
        }

        return response()->json([
            ...($message === null ? [] : ['message' => $message]),
            'key' => $own->key,
            'number' => $own->number,
            'hasDraft' => $own->draft !== null,
            'savedAt' => $own->updated_at?->toIso8601String(),
            'document' => OwnMovements::withObjects($document),
            'problems' => array_map(static fn (MovementProblem $problem): array => ['place' => $problem->place, 'says' => $problem->says], $this->ownMovements->problems($document)),
            'asks' => (object) $asks,
        ], $status);
    }
}
