<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** On the very first start there is no teacher yet: everything leads to making the account. */
final class NeedsAccount
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        return Auth::check() || User::query()->exists() ? $next($request) : redirect('/welcome');
    }
}
