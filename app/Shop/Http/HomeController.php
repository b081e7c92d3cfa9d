<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Foundation\ShopProfile;
use Illuminate\Http\RedirectResponse;

/** To the orders; in a shop that is not begun yet, to the way in. */
final class HomeController
{
    public function __invoke(ShopProfile $premises): RedirectResponse
    {
        $shop = $premises->shop();

        return redirect()->route($shop->is_demo || $shop->begun_at !== null ? 'orders.index' : 'begin.show');
    }
}
