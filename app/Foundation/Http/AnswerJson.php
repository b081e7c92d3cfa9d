<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A machine is answered as it speaks, whatever it said it would take; what is no JSON is told to be none. */
final class AnswerJson
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->headers->set('Accept', 'application/json');
        $body = $request->getContent();
        if ($request->isJson() && $body !== '' && ! is_array(json_decode($body, true))) {
            return new JsonResponse(['message' => 'The body is no JSON object. Nothing was recorded.'], 400);
        }

        return $next($request);
    }
}
