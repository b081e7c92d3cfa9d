<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Database\PatientConnection;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What adds up the books of years may take longer than a page; whoever asks for it knows that. */
final class LongRead
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        PatientConnection::open(PatientConnection::REPORT_S);

        return $next($request);
    }
}
