<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Habits;
use App\Foundation\Words\Languages;
use App\People\Caller;
use App\People\Http\Requests\ChooseReading;
use App\Shop\House;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** In which language the pages speak and how they write days, hours and lengths: to a person, at a desk, in the shop. */
final class ReadingController
{
    public function show(Request $request, ShopProfile $premises, House $house): View
    {
        $person = Caller::of($request)?->person;

        return view('people.reading', [
            'person' => $person,
            'habits' => $person->habits ?? Speak::ofDesk($request),
            'shop' => $premises->shop(),
            'example' => $house->units()->length(92.5),
        ]);
    }

    /** Only the language, from the page on which one signs in. */
    public function language(ChooseReading $request): RedirectResponse
    {
        $this->keep($request, null);

        return redirect()->back()->with('done', __('people.reading_controller.chosen'));
    }

    /** Whoever is signed in keeps it everywhere; whoever is not keeps it at this desk or tablet. */
    public function choose(ChooseReading $request): RedirectResponse
    {
        $this->keep($request, $request->habits());

        return redirect()->route('reading.show')->with('done', __('people.reading_controller.chosen'));
    }

    /** For whoever chose nothing. */
    public function shop(ChooseReading $request): RedirectResponse
    {
        ShopProfile::set(['language' => $request->language(), 'habits' => $request->habits()]);

        return redirect()->back()->with('done', __('people.reading_controller.saved'));
    }

    private function keep(ChooseReading $request, ?Habits $habits): void
    {
        $chosen = [
            Speak::LANGUAGE => $request->language(),
            ...$habits === null ? [] : [Speak::HABITS => $habits],
        ];
        Caller::of($request)?->person?->update($chosen);
        $request->session()->put(Speak::LANGUAGE, $request->language());
        if ($habits !== null) {
            $request->session()->put(Speak::HABITS, $habits->kept());
        }
        Languages::speak($request->language());
    }
}
