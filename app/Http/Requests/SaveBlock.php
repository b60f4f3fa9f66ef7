<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;

/** A run of movements under a name. */
final class SaveBlock extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'block' => ['required', 'array:entries,groups'],
            'block.entries' => ['required', 'array', 'min:1', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please give it a name of up to 100 letters, such as "Hands, three times".',
            'block.*' => 'Please choose one movement or more to keep.',
        ];
    }

    /** @return array<string, mixed> as it was sent, without anything trimmed */
    public function block(): array
    {
        return Arr::only((array) $this->json('block'), ['entries', 'groups']);
    }
}
