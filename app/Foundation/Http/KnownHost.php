<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The shop answers under its own names only. A page elsewhere can have its own name point to this computer, and would
 * then be let in by the browser like one of ours.
 */
final class KnownHost
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // Where a page of another place led here, nobody is sent back there.
        $came = $request->headers->get('referer');
        if ($came !== null && ! str_starts_with("{$came}/", $request->getSchemeAndHttpHost().'/')) {
            $request->headers->remove('referer');
        }

        return in_array($request->getHost(), (array) config('shop.hosts'), true)
            ? $next($request)
            : new \Illuminate\Http\Response(__('common.known_host.this_shop_has_another_address'), 421, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
    }
}
