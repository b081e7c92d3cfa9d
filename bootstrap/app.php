<?php

declare(strict_types=1);

use App\Http\Allowed;
use App\Http\DecimalPoint;
use App\Http\ExclusiveWrite;
use App\Http\KnownHost;
use App\Http\OneValue;
use App\Http\Packed;
use App\Http\PeekSession;
use App\Http\Problem;
use App\Http\Readable;
use App\Http\SecurityHeaders;
use App\Http\SpeaksJson;
use App\Providers\HakamaProvider;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withProviders([HakamaProvider::class], withBootstrapProviders: false)
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/machines.php',
        apiPrefix: 'machines',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        // No page of another origin has business here, so the package behind it is not installed.
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [Allowed::class, ExclusiveWrite::class], prepend: [Readable::class, OneValue::class, DecimalPoint::class]);
        $middleware->api(prepend: [SpeaksJson::class, Readable::class]);
        // Who asks is known, and has the shop's turn where something is to be written, before it is looked up what was
        // asked for.
        $middleware->prependToPriorityList(SubstituteBindings::class, ExclusiveWrite::class);
        $middleware->prependToPriorityList(ExclusiveWrite::class, Allowed::class);
        $middleware->prependToPriorityList(Allowed::class, PeekSession::class);
        $middleware->prepend(KnownHost::class);
        $middleware->append(Packed::class);
        // Outermost of all: whatever is answered, refusals and errors too.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->trustProxies(at: array_filter(explode(',', (string) env('SHOP_PROXIES', ''))));
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Problem::register($exceptions);
    })
    ->create();
