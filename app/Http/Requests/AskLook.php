<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** With what a class is to be looked at side by side: a remedy carried out, all of them, another length, an earlier version, another class. */
final class AskLook extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'finding' => ['string', 'max:200'],
            'all' => ['boolean'],
            'minutes' => ['integer', 'between:1,180'],
            'version' => ['integer', 'min:1'],
            'other' => ['integer', 'min:1'],
        ];
    }
}
