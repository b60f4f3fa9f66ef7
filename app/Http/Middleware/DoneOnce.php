<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Crypt;
use Symfony\Component\HttpFoundation\Response;

/**
 * What was asked for twice is done once: a double click, or a request whose answer got lost on its way and is sent again. Both
 * carry the same key in the header Idempotency-Key; whoever asks again gets the first answer. A refusal is not kept: what was
 * put right may be sent again.
 */
final class DoneOnce
{
    private const HEADER = 'Idempotency-Key';

    /** Seconds for which an answer is kept: as long as somebody may wait for a connection in a hall. */
    private const KEPT = 6 * 3600;

    /** Seconds until a request that never ended no longer holds up its like. */
    private const WORKING = 60;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header(self::HEADER);
        if (!is_string($key) || preg_match('/^[A-Za-z0-9-]{8,80}$/', $key) !== 1) {
            return $next($request);
        }
        $name = 'once:' . hash('sha256', "{$request->user()?->getAuthIdentifier()} {$request->path()} $key");

        return Cache::lock("$name:working", self::WORKING)->block(self::WORKING, static function () use ($name, $request, $next): Response {
            $kept = Cache::get($name);
            if (is_string($kept)) {
                /** @var array{int, string} $answer */
                $answer = Crypt::decrypt($kept);

                return JsonResponse::fromJsonString($answer[1], $answer[0]);
            }
            $response = $next($request);
            if ($response->isSuccessful()) {
                // Encrypted like all that is stored about health.
                Cache::put($name, Crypt::encrypt([$response->getStatusCode(), (string) $response->getContent()]), self::KEPT);
            }

            return $response;
        });
    }
}
