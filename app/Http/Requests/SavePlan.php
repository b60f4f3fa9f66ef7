<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A plan as it was changed, and the revision it was changed from. */
final class SavePlan extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'plan' => ['required', 'array'],
        ];
    }

    /** @return array<array-key, mixed> as it was sent, without anything trimmed */
    public function plan(): array
    {
        return (array) $this->json('plan');
    }
}
