<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MakeAccount;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Accounts as they are made: the first one on the first start, another teacher's by a link that works once. */
final class WelcomeController
{
    public function show(): View|RedirectResponse
    {
        return User::query()->exists() ? redirect('/sign-in') : view('welcome');
    }

    public function store(MakeAccount $request): RedirectResponse
    {
        // Looked at inside, where nobody else can write in between.
        $user = DB::transaction(static fn (): ?User => User::query()->exists() ? null : User::query()->create(self::account($request) + ['is_keeper' => true]));
        if ($user === null) {
            return redirect('/sign-in')->withErrors(['email' => 'The account was made a moment ago, perhaps by a second press. Please sign in to it.']);
        }
        self::enter($request, $user);

        return redirect('/');
    }

    public function invited(string $token): View
    {
        return view('invitation', ['token' => $token, 'isOpen' => Invitation::open($token) !== null]);
    }

    public function accept(MakeAccount $request, string $token): RedirectResponse|View
    {
        $user = DB::transaction(static function () use ($request, $token): ?User {
            $invitation = Invitation::open($token);
            $invitation?->delete();

            return $invitation === null ? null : User::query()->create(self::account($request));
        });
        if ($user === null) {
            return view('invitation', ['token' => $token, 'isOpen' => false]);
        }
        self::enter($request, $user);

        return redirect('/');
    }

    /** @return array{name: string, email: string, password: string} */
    private static function account(MakeAccount $request): array
    {
        /** @var array{name: string, email: string, password: string} */
        return $request->safe(['name', 'email', 'password']);
    }

    private static function enter(Request $request, User $user): void
    {
        Auth::login($user);
        $request->session()->regenerate();
    }
}
