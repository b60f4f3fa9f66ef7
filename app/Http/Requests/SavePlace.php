<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A place: its name, and for one that is there also what is known of it. */
final class SavePlace extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'place' => $this->isMethod('put') ? ['present', 'array'] : ['exclude'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please give the place a name, such as "Ticket hall".',
        ];
    }

    /** @return array<string, mixed> as it was sent */
    public function document(): array
    {
        /** @var array<string, mixed> */
        return (array) $this->json('place');
    }
}
