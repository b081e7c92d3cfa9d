<?php

declare(strict_types=1);

use App\Api\Http\ApiProblem;
use App\Api\Http\SpeakJson;
use App\Foundation\Http\AnswerJson;
use App\Foundation\Http\CheckToken;
use App\Foundation\Http\Compress;
use App\Foundation\Http\DecimalPoint;
use App\Foundation\Http\KeepSession;
use App\Foundation\Http\KnownHost;
use App\Foundation\Http\PeekSession;
use App\Foundation\Http\Problem;
use App\Foundation\Http\RejectArrayInput;
use App\Foundation\Http\RequireUtf8;
use App\Foundation\Http\SecurityHeaders;
use App\People\Http\Authorize;
use App\People\Http\ExclusiveWrite;
use App\People\Http\Speak;
use App\Providers\HakamaProvider;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\SanctumServiceProvider;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withProviders([HakamaProvider::class, SanctumServiceProvider::class], withBootstrapProviders: false)
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/machines.php',
        apiPrefix: 'machines',
        commands: __DIR__.'/../routes/console.php',
        then: static fn() => Route::prefix('api/v1')
            ->name('api.')
            ->middleware([SpeakJson::class, RequireUtf8::class])
            ->group(__DIR__.'/../routes/api.php'),
    )
    ->withCommands(glob(__DIR__.'/../app/*/Console') ?: [])
    ->withMiddleware(static function (Middleware $middleware): void {
        // No page of another origin has business here, so the package behind it is not installed.
        $middleware->remove(HandleCors::class);
        // Each route says with `can` what it asks of whoever comes.
        $middleware->alias(['can' => Authorize::class]);
        $middleware->web(append: [Speak::class, ExclusiveWrite::class], prepend: [RequireUtf8::class, RejectArrayInput::class, DecimalPoint::class], replace: [
            StartSession::class => KeepSession::class,
            ValidateCsrfToken::class => CheckToken::class,
        ]);
        $middleware->api(prepend: [AnswerJson::class, RequireUtf8::class]);
        // Who asks is known, and has the shop's turn where something is to be written, before it is looked up what was
        // asked for.
        $middleware->prependToPriorityList(SubstituteBindings::class, ExclusiveWrite::class);
        $middleware->prependToPriorityList(ExclusiveWrite::class, Authorize::class);
        $middleware->prependToPriorityList(Authorize::class, Speak::class);
        $middleware->prependToPriorityList(Speak::class, PeekSession::class);
        $middleware->prepend(KnownHost::class);
        $middleware->append(Compress::class);
        // Outermost of all: whatever is answered, refusals and errors too.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->trustProxies(at: array_filter(explode(',', (string) env('SHOP_PROXIES', ''))));
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Problem::register($exceptions);
        $exceptions->respond(
            static fn(Response $response, Throwable $e, Request $request): Response => ApiProblem::isFor($request)
                ? ApiProblem::of($response)
                : $response,
        );
    })
    ->create();
