<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Closure;
use Illuminate\Contracts\View\Factory;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Reads who is signed in and keeps nothing: what a page fetches for itself may be long on its way, and saving the
 * session then would lose what was told to the person meanwhile.
 */
final readonly class PeekSession
{
    public function __construct(private SessionManager $sessions, private Factory $views) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $session = $this->sessions->driver();
        $id = $request->cookies->get($session->getName());
        $session->setId(is_string($id) ? $id : null);
        $session->setRequestOnHandler($request);
        $session->start();
        $request->setLaravelSession($session);
        // What was wrong is still wrong in a part of the page that is drawn anew.
        $this->views->share('errors', $session->get('errors') ?? new ViewErrorBag());

        return $next($request);
    }
}
