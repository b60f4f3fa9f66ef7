<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignIn;
use App\Models\User;
use App\Models\Vault;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Signing in, on a page of its own or in the middle of work, and out. */
final class SessionController
{
    public function create(): View
    {
        return view('sign-in', ['demo' => self::demoAccount() !== null]);
    }

    public function store(SignIn $request): RedirectResponse|JsonResponse
    {
        $user = User::query()->firstWhere('email', User::emailKey($request->string('email')->toString()));
        // An address that nobody has takes as long as a wrong password, so that nobody learns who has an account.
        $isRight = Hash::check($request->string('password')->toString(), $user->password ?? self::decoy());
        if ($user === null || !$isRight) {
            throw ValidationException::withMessages([
                'email' => 'This e-mail and password do not belong together. Please try once more.',
            ]);
        }

        return $this->enter($request, $user);
    }

    public function demo(Request $request): RedirectResponse|JsonResponse
    {
        return $this->enter($request, self::demoAccount() ?? abort(404));
    }

    /** Who is signed in here, for a page that has been open for long. Answering renews its token. */
    public function show(): JsonResponse
    {
        return response()->json(['owner' => self::owner(), 'demo' => self::demoAccount() !== null]);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }

    /** Whose data a page shows: the database and the teacher; null when nobody is signed in. What a device keeps is kept under it. */
    public static function owner(): ?string
    {
        $user = Auth::id();

        return $user === null ? null : Vault::here()->data_id . ':' . $user;
    }

    private function enter(Request $request, User $user): RedirectResponse|JsonResponse
    {
        Auth::login($user);
        $request->session()->regenerate();

        return $request->expectsJson() ? $this->show() : redirect()->intended('/');
    }

    private static function demoAccount(): ?User
    {
        return config('kindchair.demo') === true ? User::query()->firstWhere('email', DemoSeeder::EMAIL) : null;
    }

    private static function decoy(): string
    {
        return Cache::rememberForever('decoy-password', static fn (): string => Hash::make(Str::random(40)));
    }
}
