<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Foundation\ShopProfile;
use App\Foundation\Words\Languages;
use App\People\Caller;
use App\People\Http\Requests\ChooseLanguage;
use Illuminate\Http\RedirectResponse;

/** In which language the pages speak: to one person, at one desk, or in the whole shop. */
final class LanguageController
{
    /** Whoever is signed in keeps it everywhere; whoever is not keeps it at this desk or tablet. */
    public function choose(ChooseLanguage $request): RedirectResponse
    {
        $language = $request->language();
        $person = Caller::of($request)?->person;
        if ($person !== null) {
            $person->update(['language' => $language]);
        }
        $request->session()->put(Speak::CHOSEN, $language);
        Languages::speak($language);

        return redirect()->back()->with('done', __('people.language_controller.chosen'));
    }

    /** What is spoken to whoever chose nothing, and how dates and hours are written for all. */
    public function shop(ChooseLanguage $request): RedirectResponse
    {
        ShopProfile::set(['language' => $request->language(), 'region' => $request->region()]);

        return redirect()->back()->with('done', __('people.language_controller.saved'));
    }
}
