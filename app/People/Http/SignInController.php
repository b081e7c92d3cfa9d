<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Words;
use App\People\Caller;
use App\People\Http\Requests\SignIn;
use App\People\Models\Person;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** At a desk: by name and password. */
final class SignInController
{
    public function show(Request $request, ShopProfile $premises): View|RedirectResponse
    {
        $caller = Caller::of($request);

        return $caller?->person !== null
            ? redirect('/')
            : view('people.sign-in', ['shop' => $premises->shop(), 'isOpen' => $caller !== null]);
    }

    public function store(SignIn $request): RedirectResponse
    {
        $person = $request->person();
        Auth::login($person, $request->boolean('stay'));
        $request->session()->regenerate();
        Caller::signAnew($request);
        $request->session()->put('who', $person->name);

        return redirect()
            ->intended('/')
            ->with('done', __('people.sign_in_controller.you_are_signed_in_as', [
                'name' => $person->name,
                'value' => Words::small($person->role->label()),
            ]));
    }

    public function destroy(Request $request): RedirectResponse
    {
        if (Auth::user() instanceof Person) {
            Auth::logout();
        }
        $request->session()->invalidate();

        return redirect()->route('sign-in');
    }
}
