<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

/** The teacher's account: made on the first start, then e-mail and password. */
final class AccountController
{
    public function welcome(): View|RedirectResponse
    {
        return User::query()->exists() ? redirect('/sign-in') : view('welcome');
    }

    public function create(Request $request): RedirectResponse
    {
        abort_if(User::query()->exists(), 404);
        /** @var array{name: string, email: string, password: string} $given */
        $given = $request->validate([
            'name' => ['required', 'string', 'max:100'],
            'email' => ['required', 'email', 'max:200'],
            'password' => ['required', 'confirmed', Password::min(10)],
        ], [
            'name.required' => 'Please write the name you teach under.',
            'email.*' => 'Please write an e-mail address, such as mary@example.org.',
            'password.required' => 'Please choose a password.',
            'password.min' => 'Please choose a longer password: ten letters or more. Three plain words do well.',
            'password.confirmed' => 'The two passwords differ. Please write the same one twice.',
        ]);
        $this->enter($request, User::query()->create($given));

        return redirect('/');
    }

    public function signInPage(): View
    {
        return view('sign-in', ['demo' => $this->demoAccount() !== null]);
    }

    public function signIn(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string'], 'password' => ['required', 'string']],
            ['email.required' => 'Please write your e-mail address.', 'password.required' => 'Please write your password.'],
        );
        if (!Auth::attempt(['email' => $given['email'], 'password' => $given['password']])) {
            throw ValidationException::withMessages([
                'email' => 'This e-mail and password do not belong together. Please try once more.',
            ]);
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function signInToDemo(Request $request): RedirectResponse
    {
        $this->enter($request, $this->demoAccount() ?? abort(404));

        return redirect('/');
    }

    public function signOut(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }

    private function enter(Request $request, User $user): void
    {
        Auth::login($user);
        $request->session()->regenerate();
    }

    private function demoAccount(): ?User
    {
        return config('kindchair.demo') === true ? User::query()->firstWhere('email', DemoSeeder::EMAIL) : null;
    }
}
