<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers are packed for the way when whoever asks can unpack them, and say how long they are: then nobody waits for what is tidied up
 * after them.
 */
final class Compressed
{
    /** Bytes under which packing costs more than it saves. */
    private const WORTH_IT = 2048;

    /** The quickest: most is gained by it already. */
    private const LEVEL = 1;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $content = $response instanceof JsonResponse ? $response->getContent() : false;
        if ($content === false) {
            return $response;
        }
        $response->headers->set('Vary', 'Accept-Encoding', false);
        if (strlen($content) > self::WORTH_IT && in_array('gzip', $request->getEncodings(), true)) {
            $content = (string) gzencode($content, self::LEVEL);
            $response->setContent($content);
            $response->headers->set('Content-Encoding', 'gzip');
        }
        $response->headers->set('Content-Length', (string) strlen($content));

        return $response;
    }
}
