<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What somebody told before class. */
final class SaveReadiness extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pain' => ['integer', 'min:0', 'max:10'],
            'dizzy' => ['boolean'],
            'medicine' => ['boolean'],
            'fall' => ['boolean'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pain.*' => 'Pain is told from 0, none, to 10, the worst.',
        ];
    }
}
