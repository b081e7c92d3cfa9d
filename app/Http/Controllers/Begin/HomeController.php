<?php

declare(strict_types=1);

namespace App\Http\Controllers\Begin;

use App\Shop\Premises;
use Illuminate\Http\RedirectResponse;

/** To the orders; in a shop that is not begun yet, to the way in. */
final class HomeController
{
    public function __invoke(Premises $premises): RedirectResponse
    {
        $shop = $premises->shop();

        return redirect()->route($shop->is_demo || $shop->begun_at !== null ? 'orders.index' : 'begin.show');
    }
}
