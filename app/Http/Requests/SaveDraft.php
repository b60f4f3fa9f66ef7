<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A draft of a movement. It may be anything that its page can show: the rest is told as what is still to settle. */
final class SaveDraft extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'document.names' => ['required', 'array'],
            'document.names.plain' => ['present', 'nullable', 'string', 'max:200'],
            'document.steps' => ['present', 'list', 'max:60'],
            'document.steps.*' => ['array'],
            'document.variations' => ['present', 'list', 'max:60'],
            'document.variations.*' => ['array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*' => 'This is no draft of a movement. Please reload the page and try again; what was stored before is safe.',
        ];
    }

    /** @return array<string, mixed> as it was sent, with nothing trimmed */
    public function document(): array
    {
        /** @var array<string, mixed> */
        return (array) $this->json('document');
    }
}
