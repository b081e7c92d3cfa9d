<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Models\Pairing;
use App\Models\Tablet;
use App\People\Attempts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Lets a tablet in by the code that the page of people shows. */
final class TabletController
{
    public function show(): View
    {
        return view('people.tablet');
    }

    public function store(Request $request): RedirectResponse
    {
        Attempts::mustBeFew("tablet {$request->ip()}", 'code');
        $pairing = Pairing::take($request->string('code')->value(), true);
        if ($pairing === null) {
            throw ValidationException::withMessages([
                'code' => 'That code is not good (any more). Ask for a new one at Shop, People.',
            ]);
        }
        Attempts::forget("tablet {$request->ip()}");
        $cookie = Tablet::pair((string) $pairing->tablet, $pairing->machine_id);

        return redirect()
            ->route('floor.show')
            ->withCookie($cookie)
            ->with('done', 'This tablet is let in from now on. Say who stands at it.');
    }
}
