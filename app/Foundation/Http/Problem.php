<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Words\Words;
use App\Plan\PlanRefused;
use App\Shop\Backup\Health;
use ErrorException;
use Hakama\Floor\OutOfTurn;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\TokenMismatchException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\MethodNotAllowedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** What a person is told when something cannot be done: what happened, what was kept, what to do. */
final class Problem
{
    /** Disk full, no room to write or to sort, table full. */
    private const FULL = [1021, 3, 1026, 1114, 1878];
    /** A lock was waited for in vain; two waited for each other; a statement took longer than it may. */
    private const LOCKED = 1205;
    private const DEADLOCK = 1213;
    private const TOO_LONG = 1969;
    /** What the database's client says when there is no server, or none any more; what a server says that is ended. */
    private const AWAY = [2002, 2003, 2006, 2013, 1053, 1152, 1158, 1159, 1160, 1161, 1927];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->render(
            static fn(OutOfTurn $e, Request $request) => self::conflict(
                __('common.problem.nothing_was_changed_check_the_machines', ['get_message' => Words::why($e)]),
                $request,
            ),
        );
        $exceptions->render(static fn(PlanRefused $e, Request $request) => self::conflict($e->getMessage(), $request));
        $exceptions->render(static function (Throwable $e, Request $request) {
            $busy = self::isBusy($e);

            return $busy === null ? null : self::busy($busy, $request);
        });
        $exceptions->render(
            static fn(Throwable $e, Request $request) => self::isAway($e) ? self::away($request) : null,
        );
        $exceptions->render(
            static fn(Throwable $e, Request $request) => self::isFull($e) ? self::full($request) : null,
        );
        $exceptions->render(static fn(NotFoundHttpException $e, Request $request) => self::notThere($request));
        $exceptions->render(static fn(MethodNotAllowedHttpException $e, Request $request) => self::otherwise($request));
        $exceptions->dontReport([OutOfTurn::class, PlanRefused::class]);
    }

    /** Somebody else writes for longer than one waits; or what was asked for takes longer than a page may. */
    private static function isBusy(Throwable $e): ?int
    {
        for ($of = $e; $of !== null; $of = $of->getPrevious()) {
            $code = $of instanceof PDOException ? (int) ($of->errorInfo[1] ?? 0) : 0;
            if (in_array($code, [self::LOCKED, self::DEADLOCK, self::TOO_LONG], true)) {
                return $code;
            }
        }

        return null;
    }

    private static function busy(int $why, Request $request): JsonResponse|Response
    {
        $message =
            $why === self::TOO_LONG
                ? __('common.problem.this_takes_too_long_to_calculate')
                : __('common.problem.another_large_entry_is_being_stored');

        return $request->expectsJson() || $request->is('machines/*', '*/pulse')
            ? new JsonResponse(['message' => $message], 503, ['Retry-After' => '2'])
            : new Response(view(
                'errors.plain',
                ['title' => __('common.problem.busy_try_again'), 'text' => $message],
            )->render(), 503, [
                'Retry-After' => '2',
            ]);
    }

    /** What it was looked for by is nobody's business; a page has its own words in the view of 404. */
    private static function notThere(Request $request): ?JsonResponse
    {
        return $request->expectsJson() || $request->is('machines/*')
            ? new JsonResponse(['message' => __('common.problem.not_found_it_may_have_been')], 404)
            : null;
    }

    private static function otherwise(Request $request): JsonResponse|Response
    {
        $message = __('common.problem.this_address_does_not_accept_that');

        return $request->expectsJson() || $request->is('machines/*')
            ? new JsonResponse(['message' => $message], 405)
            : new Response(
                view('errors.plain', ['title' => __('common.problem.not_possible_here'), 'text' => $message])->render(),
                405,
            );
    }

    /** The database does not answer: it was not reached, it went, or it was lost in the middle, of a page too. */
    private static function isAway(Throwable $e): bool
    {
        for ($of = $e; $of !== null; $of = $of->getPrevious()) {
            if (
                $of instanceof PDOException
                && in_array((int) ($of->errorInfo[1] ?? $of->getCode()), self::AWAY, true)
            ) {
                return true;
            }
            // A server that is killed in the middle of an answer is a warning of the client first.
            if ($of instanceof ErrorException && preg_match('/^PDO(Statement)?::/', $of->getMessage()) === 1) {
                return true;
            }
        }

        return false;
    }

    /** There is no room for what was to be written: on the disk, or where the database keeps its tables. */
    private static function isFull(Throwable $e): bool
    {
        for ($of = $e; $of !== null; $of = $of->getPrevious()) {
            if (
                str_contains($of->getMessage(), 'No space left on device')
                // What a page gave along cannot be kept there either, and is then not found when it comes back.
                || ($of instanceof TokenMismatchException && Health::isDiskFull())
                || ($of instanceof PDOException && in_array((int) ($of->errorInfo[1] ?? 0), self::FULL, true))
            ) {
                return true;
            }
        }

        return false;
    }

    private static function full(Request $request): JsonResponse|Response
    {
        $message =
            __('common.problem.the_disk_of_the_shops_computer');

        return $request->expectsJson() || $request->is('machines/*', '*/pulse')
            ? new JsonResponse(['message' => $message], 507)
            : new Response(
                view('errors.plain', ['title' => __('common.problem.the_disk_is_full'), 'text' => $message])->render(),
                507,
            );
    }

    private static function away(Request $request): JsonResponse|Response
    {
        $message =
            __('common.problem.the_database_cannot_be_reached_your');

        return $request->expectsJson() || $request->is('machines/*', '*/pulse')
            ? new JsonResponse(['message' => $message], 503, ['Retry-After' => '2'])
            : new Response(view(
                'errors.plain',
                ['title' => __('common.problem.database_unavailable'), 'text' => $message],
            )->render(), 503, [
                'Retry-After' => '2',
            ]);
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
