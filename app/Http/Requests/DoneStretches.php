<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use KindChair\Body\Side;
use KindChair\Timeline\BeatKind;

/** What was really done of a class, stretch by stretch, as Lead sends it. */
trait DoneStretches
{
    /** @return array<string, list<mixed>> */
    private static function stretches(string $name, string $presence): array
    {
        return [
            $name => [$presence, 'array', 'max:20000'],
            "$name.*.entry" => ['required', 'string', 'max:60'],
            "$name.*.side" => ['present', 'nullable', Rule::enum(Side::class)],
            "$name.*.counts" => ['required', 'boolean'],
            "$name.*.kind" => ['sometimes', Rule::enum(BeatKind::class)],
            "$name.*.own" => ['sometimes', 'boolean'],
            "$name.*.length" => ['required', 'numeric', 'between:0,200000'],
        ];
    }
}
