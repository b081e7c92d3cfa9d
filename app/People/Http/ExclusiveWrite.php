<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\Database\PatientConnection;
use App\Foundation\Database\Transaction;
use App\Foundation\Http\RefusedWrite;
use App\Foundation\Http\SentForm;
use App\People\Caller;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * What changes the shop has the shop's turn from before the address is looked up until all of it is stored: what it
 * names, what the form is checked against and what is written are read after the lock. An answer that says that
 * something was wrong stores nothing.
 */
final class ExclusiveWrite
{
    /** Asks and changes nothing, or counts its tries, which are not undone with what was wrong. */
    private const WITHOUT = [
        'floor.who',
        'orders.check',
        'orders.names.check',
        'orders.promise',
        'setup.picture.measure',
        'sign-in.try',
        'sign-out',
        'tablet.take',
    ];
    /** What happens at machines, every few seconds. */
    private const FLOOR = ['floor.correct', 'floor.events', 'floor.void'];
    /** So long a write waits for those before it; the database gives up at it too. */
    public const WAITS_S = 20;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || in_array($request->route()?->getName(), self::WITHOUT, true)) {
            return $next($request);
        }
        PatientConnection::open(self::WAITS_S);
        $write = static function () use ($request, $next): Response {
            self::lookUpAnew($request);
            $form = SentForm::of($request);
            $answer = $form?->answer();
            if ($answer !== null) {
                return $answer;
            }
            // Whoever was let in and has lost the right while they waited is not.
            Caller::askAnew($request);
            $response = (new Authorize())->handle($request, $next);
            $wrong = property_exists($response, 'exception') ? $response->exception : null;
            if ($wrong instanceof Throwable || $response->getStatusCode() >= 400) {
                throw new RefusedWrite($response, $wrong instanceof Throwable ? $wrong : null);
            }
            $form?->store($response);

            return $response;
        };
        try {
            return in_array($request->route()?->getName(), self::FLOOR, true)
                ? Transaction::onFloor($write)
                : Transaction::run($write);
        } catch (RefusedWrite $nothing) {
            return $nothing->response;
        }
    }

    /** A second attempt finds what the address names as it is by then. */
    private static function lookUpAnew(Request $request): void
    {
        $route = $request->route();
        foreach ($route?->originalParameters() ?? [] as $name => $value) {
            $route?->setParameter($name, $value);
        }
    }
}
