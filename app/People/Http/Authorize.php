<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Ability;
use App\People\CalendarKey;
use App\People\Caller;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** Lets through who may what the route asks for. */
final class Authorize
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $ability = Ability::of($request->route());
        if ($ability === Ability::Open || ($ability === Ability::Key && CalendarKey::fits($request))) {
            return $next($request);
        }
        $caller = Caller::of($request);
        if ($caller === null) {
            return self::whoAreYou($request);
        }

        return $ability !== null && Gate::forUser($caller)->allows($ability)
            ? $next($request)
            : self::notYours($request);
    }

    private static function whoAreYou(Request $request): Response
    {
        $message = __('people.authorize.sign_in_first_nothing_was_changed');
        if ($request->expectsJson() || $request->is('*/pulse')) {
            return new JsonResponse(['message' => $message], 401);
        }
        if ($request->headers->has('HX-Request')) {
            return new Answer('', 401, ['HX-Redirect' => route('sign-in')]);
        }
        if ($request->isMethod('GET') && $request->hasSession()) {
            $request->session()->put('url.intended', $request->fullUrl());
        }

        return new RedirectResponse(route('sign-in'), 303);
    }

    private static function notYours(Request $request): Response
    {
        $message =
            __('people.authorize.your_role_does_not_allow_this');
        if ($request->expectsJson()) {
            return new JsonResponse(['message' => $message], 403);
        }
        if ($request->headers->has('HX-Request')) {
            return new Answer(e($message), 403);
        }

        return new Answer(
            view(
                'errors.plain',
                ['title' => __('people.authorize.not_allowed_for_your_role'), 'text' => $message],
            )->render(),
            403,
        );
    }
}
