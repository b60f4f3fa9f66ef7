<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The name and the e-mail address of one's own account. A new address is confirmed with the password. */
final class ChangeAccount extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $teacher */
        $teacher = $this->user();
        $isNewAddress = $this->input('email') !== $teacher->email;

        return [
            'name' => ['required', 'string', 'max:100'],
            'email' => ['bail', 'required', 'string', 'email', 'max:200', Rule::unique('users')->ignore($teacher->id)],
            'password' => $isNewAddress ? ['bail', 'required', 'string', 'current_password'] : ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please write the name you teach under, in 100 letters or fewer.',
            'email.unique' => 'There is another account with this e-mail address.',
            'email.*' => 'Please write an e-mail address, such as mary@example.org.',
            'password.*' => 'You sign in with this address: please write your present password to change it.',
        ];
    }

    protected function prepareForValidation(): void
    {
        $email = $this->input('email');
        if (is_string($email)) {
            $this->merge(['email' => User::emailKey($email)]);
        }
    }
}
