<?php

declare(strict_types=1);

namespace App\Api\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** A program is answered in JSON, whatever it said it would take; what is no JSON object is told to be none. */
final class SpeakJson
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->headers->set('Accept', 'application/json');
        $body = $request->getContent();
        if ($request->isJson() && $body !== '' && (! is_array(json_decode($body, true)) || ! str_starts_with(ltrim($body), '{'))) {
            throw new BadRequestHttpException(__('api.refused.no_json'));
        }

        return $next($request);
    }
}
