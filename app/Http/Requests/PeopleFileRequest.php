<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file of people to look at, and which of its columns is what. */
class PeopleFileRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'string', 'max:4000000'],
            'columns' => ['nullable', 'array', 'max:20'],
            'columns.*' => ['string', 'max:4'],
        ];
    }

    public function bytes(): string
    {
        $bytes = base64_decode($this->validated('file'), true);

        return $bytes === false ? abort(422, 'The file did not arrive whole. Please try again.') : $bytes;
    }

    /** @return array<string, string>|null column number by field */
    public function columns(): ?array
    {
        return $this->validated('columns');
    }
}
