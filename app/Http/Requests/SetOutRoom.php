<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KindChair\Place\LayoutShape;

/** A class to set out in a room, or seats as they stand to be looked at. */
final class SetOutRoom extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'room' => ['required', 'array'],
            'class' => ['required', 'integer'],
            'shape' => ['required', Rule::enum(LayoutShape::class)],
            'layout' => ['nullable', 'array'],
        ];
    }
}
