<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Where a class stands that is being led. */
final class KeepLeading extends FormRequest
{
    use DoneStretches;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'state' => ['required', 'array'],
            ...self::stretches('state.done', 'present'),
        ];
    }
}
