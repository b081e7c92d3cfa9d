<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Languages;
use App\People\Caller;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language of whoever asks: what they chose, else what was chosen at this desk, else the shop's. */
final readonly class Speak
{
    public const CHOSEN = 'language';

    public function __construct(private ShopProfile $shop) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $desk = $request->hasSession() ? $request->session()->get(self::CHOSEN) : null;
        Languages::speak(
            Caller::of($request)?->person?->language,
            is_string($desk) ? $desk : null,
            $this->shop->shop()->language,
        );

        Languages::live($this->shop->shop()->region);

        return $next($request);
    }
}
