<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Habits;
use App\Foundation\Words\Languages;
use App\People\Caller;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the language of whoever asks: what they chose, else what was chosen at this desk, else the shop's. */
final readonly class Speak
{
    /** Kept under these names of a person and in the session of a desk. */
    public const LANGUAGE = 'language';
    public const HABITS = 'habits';

    public function __construct(private ShopProfile $premises) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $desk = $request->hasSession() ? $request->session()->get(self::LANGUAGE) : null;
        $person = Caller::of($request)?->person;
        $shop = $this->premises->shop();
        Languages::speak($person?->language, is_string($desk) ? $desk : null, $shop->language);
        Languages::live(($person->habits ?? new Habits())->over(self::ofDesk($request))->over($shop->habits));

        return $next($request);
    }

    public static function ofDesk(Request $request): Habits
    {
        $kept = $request->hasSession() ? $request->session()->get(self::HABITS) : null;

        return Habits::read(is_array($kept) ? $kept : []);
    }
}
