<?php

declare(strict_types=1);

namespace App\Http;

use App\Plan\PlanRefused;
use Hakama\Floor\OutOfTurn;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a person is told when something cannot be done: what happened, what was kept, what to do. */
final class Problem
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->render(
            static fn(OutOfTurn $e, Request $request) => self::conflict(
                $e->getMessage().' Nothing was changed: look at the machine’s line and go on from there.',
                $request,
            ),
        );
        $exceptions->render(
            static fn(PlanRefused $e, Request $request) => self::conflict($e->getMessage(), $request),
        );
        $exceptions->dontReport([OutOfTurn::class, PlanRefused::class]);
    }

    private static function conflict(string $message, Request $request): JsonResponse|RedirectResponse|Response
    {
        if ($request->expectsJson() || $request->is('machines/*')) {
            return new JsonResponse(['message' => $message], 409);
        }
        if ($request->headers->has('HX-Request')) {
            return new Response(e($message), 409);
        }

        return redirect()->back(303)->with('problem', $message);
    }
}
