<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Schemas;
use App\Http\Requests\SavePrecaution;
use App\Models\OwnPrecaution;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\Node;
use KindChair\People\Confidence;

/** Precautions that a teacher adds, in the form of the shipped ones. */
final class PrecautionController
{
    public function index(#[CurrentUser] User $teacher): JsonResponse
    {
        return response()->json(['own' => $teacher->ownPrecautions()->orderBy('id')->get()->map(static fn (OwnPrecaution $one): array => $one->document)->all()]);
    }

    public function store(#[CurrentUser] User $teacher, SavePrecaution $request, Schemas $schemas): JsonResponse
    {
        /** @var array<string, mixed> $document */
        $document = [
            ...$request->json()->all(),
            'code' => $request->filled('code') ? $request->string('code')->toString() : 'own-' . Str::lower(Str::random(6)),
        ];
        $document['source'] = ($document['source'] ?? '') === '' ? 'My own practice' : $document['source'];
        $document['confidence'] ??= Confidence::Low->value;
        $schemas->check('precautions', $document, '#/$defs/precaution');
        Craft::precaution(Node::root($document));
        abort_unless(str_starts_with($document['code'], 'own-'), 422, 'Shipped precautions stay as they are; please add one of your own.');
        $teacher->ownPrecautions()->updateOrCreate(['code' => $document['code']], ['document' => $document]);

        return $this->index($teacher);
    }

    public function destroy(#[CurrentUser] User $teacher, string $code): JsonResponse
    {
        $own = $teacher->ownPrecautions()->where('code', $code)->firstOrFail();
        $used = $teacher->participants()->get()->filter(static fn ($person): bool => in_array($code, array_column($person->health['precautions'] ?? [], 'code'), true));
        if ($used->isNotEmpty()) {
            return response()->json(['message' => 'It is noted for ' . $used->pluck('name')->join(', ', ' and ') . '. Take it away there first.'], 409);
        }
        $own->delete();

        return $this->index($teacher);
    }
}
