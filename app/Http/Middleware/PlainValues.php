<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use KindChair\Format\PlainText;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets in what a person can have typed and nothing else: whole JSON, text without hidden characters, one value where
 * an address has one. What is not is refused in words, before anything looks at it.
 */
final class PlainValues
{
    /** Levels of a document; the deepest of ours has ten. */
    private const DEPTH = 64;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $problem = $this->problem($request);
        if ($problem === null) {
            return $next($request);
        }

        return $request->is('api/*') || $request->expectsJson()
            ? response()->json(['message' => $problem], 422)
            : new Answer(view('refused', ['problem' => $problem]), 422);
    }

    private function problem(Request $request): ?string
    {
        foreach ($request->query->all() as $value) {
            if (is_array($value)) {
                return 'This address has several values where one belongs. Please go back and try again.';
            }
        }
        $given = $request->query->all();
        if ($request->isJson() && $request->getContent() !== '') {
            $body = json_decode($request->getContent(), true, self::DEPTH);
            if (!is_array($body)) {
                return 'This did not arrive whole, or it is no JSON document. Please try again.';
            }
            $given = [$given, $body];
        } else {
            $given = [$given, $request->request->all()];
        }
        foreach ($request->request->all() as $value) {
            if (is_array($value) && !$request->isJson()) {
                return 'This form has several values where one belongs. Please go back and try again.';
            }
        }

        return self::hidden($given) || !mb_check_encoding($request->getPathInfo(), 'UTF-8')
            ? 'This text has characters that cannot be seen, as they come along when copying from elsewhere. Please type it anew.'
            : null;
    }

    private static function hidden(mixed $value): bool
    {
        if (is_string($value)) {
            return !PlainText::is($value);
        }
        foreach (is_array($value) ? $value : [] as $name => $inner) {
            if (is_string($name) && !PlainText::is($name) || self::hidden($inner)) {
                return true;
            }
        }

        return false;
    }
}
