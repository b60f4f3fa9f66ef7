<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A person of a group; the whole form is held against the open format afterwards. */
final class SavePerson extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80', 'regex:/^[^\r\n\t]+$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Please write a name or initials.',
            'name.*' => 'Please write a name or initials on one line, in 80 letters or fewer.',
        ];
    }
}
