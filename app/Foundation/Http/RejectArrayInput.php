<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A field of a form has one value; only these have several. A list in any other is as good as nothing sent. */
final class RejectArrayInput
{
    private const LISTS = [
        'accounts',
        'taxes',
        'blank',
        'limits',
        'prices',
        'steps',
        'blocks',
        'drivers',
        'keep',
        'invoice_address',
        'delivery_address',
        'contacts',
        'left',
        'sets',
        'checked',
        'cloths',
        'hardware',
        'codes',
        'lines',
        'suppliers',
        'touched',
        'numbers',
        'points',
        'schools',
        'sizes',
        'scopes',
        'skills',
        'was',
        'week',
        'weekdays',
        'late',
        'why',
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $sent) {
            foreach ($sent->all() as $field => $value) {
                if (is_array($value) && ! in_array($field, self::LISTS, true)) {
                    $sent->set((string) $field, null);
                }
            }
        }

        return $next($request);
    }
}
