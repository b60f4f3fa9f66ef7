<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A finding to settle, or all that can be settled with nothing given up, in the revision that was looked at. */
final class ApplyRemedy extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'finding' => ['required_without:all', 'string'],
            'all' => ['boolean'],
        ];
    }
}
