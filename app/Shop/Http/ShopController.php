<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\Database\Transaction;
use App\Shop\Actions\RuleChange;
use App\Shop\House;
use App\Shop\Http\Requests\SetRules;
use App\Shop\RuleWords;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ShopController
{
    public function show(House $house): View
    {
        return view('shop.show', [
            'rules' => $house->ofShop(),
            'seen' => $house->sign(),
            'stations' => collect(HouseRule::cases())->groupBy(
                static fn(HouseRule $rule): string => RuleSpec::of($rule)->station,
            ),
        ]);
    }

    /** Figures and schools, one save for the page. */
    public function update(SetRules $request, RuleChange $rules): RedirectResponse
    {
        $changed = Transaction::run(static fn(): array => $rules->set($request->figures(), $request->schools()));
        $labels = array_map(RuleWords::label(...), $changed);

        return redirect()
            ->to(route('shop.show').'#'.($changed[0]->value ?? 'schools'))
            ->with(
                'done',
                __('shop.shop_controller.everything_that_depends_on_it_is', [
                    'value' => $labels === [] ? __('shop.shop_controller.saved') : implode(', ', $labels),
                ]),
            );
    }
}
