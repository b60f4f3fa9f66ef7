<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Symfony\Component\HttpFoundation\Cookie;

/** The token that the page sends back, in a cookie named after the data it belongs to: browsers mix up ports. */
final class CsrfToken extends ValidateCsrfToken
{
    public static function cookieName(): string
    {
        return config('session.cookie') . '_token';
    }

    /** @param array<string, mixed> $config of the session */
    protected function newCookie($request, $config): Cookie
    {
        return new Cookie(
            self::cookieName(),
            $request->session()->token(),
            $this->availableAt(60 * $config['lifetime']),
            $config['path'],
            $config['domain'],
            $config['secure'],
            false,
            false,
            $config['same_site'],
        );
    }
}
