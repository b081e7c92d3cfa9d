<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\ShopProfile;
use App\Foundation\StateHash;
use App\Foundation\Words\Languages;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Http\Requests\KeepLetterhead;
use App\Shop\Models\Change;
use Hakama\House\HouseRule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Who the shop is on its papers: name, address, tax number, register, where to pay. */
final class LetterheadController
{
    public function show(ShopProfile $premises, House $house): View
    {
        $letterhead = $premises->shop()->letterhead();

        return view('shop.letterhead', [
            'said' => $letterhead->said(),
            'seen' => StateHash::of($letterhead->said()),
            'missing' => $letterhead->missing($house->rules()->value(HouseRule::Tax) > 0),
            'countries' => Languages::regions(),
        ]);
    }

    public function keep(KeepLetterhead $request, ShopProfile $premises): RedirectResponse
    {
        $before = $premises->shop()->letterhead()->said();
        $after = $request->letterhead()->said();
        if ($after !== $before) {
            if ($request->filled('seen') && $request->string('seen')->value() !== StateHash::of($before)) {
                throw ValidationException::withMessages(['seen' => __('shop.letterhead.changed_meanwhile')]);
            }
            ShopProfile::set(['name' => $after['name'], 'letterhead' => array_diff_key($after, ['name' => ''])]);
            [$was, $is] = ChangeLog::differing($before, $after);
            ChangeLog::note(Change::SHOP, 'letterhead', __('common.change_kind.changed'), $was, $is);
        }

        return redirect()->route('letterhead.show')->with('done', __('shop.letterhead.saved'));
    }
}
