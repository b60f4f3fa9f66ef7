<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Who was there, what was done, and a note. */
final class EndClass extends FormRequest
{
    use DoneStretches;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'attendance' => ['present', 'array'],
            'attendance.*' => ['boolean'],
            'note' => ['nullable', 'string', 'max:5000'],
            ...self::stretches('done', 'sometimes'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'note.max' => 'The note is longer than 5,000 letters. Please shorten it a little.',
            'attendance.*' => 'Somebody was there or was not.',
        ];
    }
}
