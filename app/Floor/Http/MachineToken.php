<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Machine\Models\Machine;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets a machine in by its token, of which only the hash is kept. */
final class MachineToken
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // A controller that knows only names and words gives its token as the word.
        $token = $request->bearerToken() ?? $request->getPassword();
        $machine = $token === null ? null : Machine::working()->where('token_hash', hash('sha256', $token))->first();
        if ($machine === null) {
            return new JsonResponse(['message' => __('floor.machine_token.no_machine_here_has_that_token')], 401, [
                'WWW-Authenticate' => sprintf('Basic %s="%s"', 'realm', 'machine'),
            ]);
        }
        $request->attributes->set('machine', $machine);

        return $next($request);
    }
}
