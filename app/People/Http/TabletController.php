<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\Database\Transaction;
use App\People\Attempts;
use App\People\Models\Pairing;
use App\People\Models\Tablet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Cookie;

/** Lets a tablet in by the code that the page of people shows. */
final class TabletController
{
    public function show(): View
    {
        return view('people.tablet');
    }

    public function store(Request $request): RedirectResponse
    {
        Attempts::count('tablet', (string) $request->ip(), 'code');
        $code = $request->string('code')->value();
        $cookie = Transaction::run(static function () use ($code): ?Cookie {
            $pairing = Pairing::take($code, true);

            return $pairing === null ? null : Tablet::pair((string) $pairing->tablet, $pairing->machine_id);
        });
        if ($cookie === null) {
            throw ValidationException::withMessages([
                'code' => __('people.tablet_controller.that_code_is_not_valid_or'),
            ]);
        }
        Attempts::forget('tablet', (string) $request->ip());

        return redirect()
            ->route('floor.show')
            ->withCookie($cookie)
            ->with('done', __('people.tablet_controller.this_tablet_is_connected_choose_who'));
    }
}
