<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new account: the first one, or another teacher's by a link. */
final class MakeAccount extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'email' => ['bail', 'required', 'string', 'email', 'max:200', 'unique:users'],
            'password' => ['bail', 'required', 'string', 'max:200', 'confirmed', Password::min(10)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please write the name you teach under, in 100 letters or fewer.',
            'email.unique' => 'There is an account with this e-mail address already. Please sign in, or take another address.',
            'email.*' => 'Please write an e-mail address, such as mary@example.org.',
            ...self::passwordWords(),
        ];
    }

    /** @return array<string, string> what is said about a password that was chosen, here and where one is changed */
    public static function passwordWords(): array
    {
        return [
            'password.required' => 'Please choose a password.',
            'password.confirmed' => 'The two passwords differ. Please write the same one twice.',
            'password.max' => 'This password is longer than 200 letters. Please choose a shorter one.',
            'password.*' => 'Please choose a longer password: ten letters or more. Three plain words do well.',
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
