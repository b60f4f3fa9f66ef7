<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A version that the teacher chooses for somebody, with the reason. */
final class ChooseVersion extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'participant' => ['required', 'integer'],
            'entry' => ['required', 'string', 'max:80'],
            'variation' => ['nullable', 'string', 'max:80'],
            'prop' => ['nullable', 'string', 'max:60'],
            'note' => ['nullable', 'string', 'max:120'],
            'reason' => ['required', 'string', 'max:300'],
            'confirmed' => ['boolean'],
        ];
    }

    /** @return array{participant: int, entry: string, variation: string|null, prop: string, note: string, reason: string, confirmed: bool} */
    public function choice(): array
    {
        return [
            'participant' => $this->integer('participant'),
            'entry' => $this->string('entry')->toString(),
            'variation' => $this->validated('variation'),
            'prop' => $this->string('prop')->toString(),
            'note' => $this->string('note')->toString(),
            'reason' => $this->string('reason')->toString(),
            'confirmed' => $this->boolean('confirmed'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reason.*' => 'Please write why, in a few words: it is kept with the choice.',
        ];
    }
}
