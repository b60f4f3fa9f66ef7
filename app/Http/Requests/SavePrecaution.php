<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A precaution of the teacher's own; its limits are held against the open format afterwards. */
final class SavePrecaution extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'why' => ['required', 'string', 'max:300'],
            'code' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please give the precaution a plain name.',
            'why.*' => 'Please write why: it is shown beside what it changes.',
        ];
    }
}
