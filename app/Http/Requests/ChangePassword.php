<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

final class ChangePassword extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'present' => ['bail', 'required', 'string', 'current_password'],
            'password' => ['bail', 'required', 'string', 'max:200', Password::min(10)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['present.*' => 'This is not your present password. Please try once more.', ...MakeAccount::passwordWords()];
    }
}
