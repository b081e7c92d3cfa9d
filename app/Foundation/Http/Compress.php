<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Symfony\Component\HttpFoundation\Response;

/** Pages go out packed to whoever can unpack them: tables of figures shrink to a fifth. */
final class Compress
{
    /** Less than this is not worth it. */
    private const LEAST = 1400;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (
            $response instanceof Answer
            && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')
            && ! $response->headers->has('Content-Encoding')
            && str_contains((string) $request->header('Accept-Encoding'), 'gzip')
            && strlen((string) $response->getContent()) >= self::LEAST
        ) {
            $response
                ->setContent((string) gzencode((string) $response->getContent(), 5))
                ->header('Content-Encoding', 'gzip')
                ->setVary('Accept-Encoding', false);
        }

        return $response;
    }
}
