<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Scope;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Lets through whose token has the scope that the address asks for. */
final class RequireScope
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $scope): Response
    {
        return Idempotent::program($request)->tokenCan($scope)
            ? $next($request)
            : throw new AccessDeniedHttpException(__('api.refused.scope_wanted', ['scope' => $scope]));
    }

    public static function to(Scope $scope): string
    {
        return self::class.':'.$scope->value;
    }

    /** What an address asks for; null: nothing. */
    public static function of(Route $route): ?Scope
    {
        foreach ($route->middleware() as $one) {
            if (is_string($one) && str_starts_with($one, self::class)) {
                return Scope::from(Str::after($one, ':'));
            }
        }

        return null;
    }
}
