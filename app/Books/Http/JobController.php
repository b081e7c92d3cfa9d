<?php

declare(strict_types=1);

namespace App\Books\Http;

use App\Foundation\ShopProfile;
use App\Money\OrderMoney;
use App\Money\Queries\OrderAccounts;
use Illuminate\Contracts\View\View;

/** What the orders of late came to, the dearest surprise first. */
final class JobController
{
    private const SHOWN = 40;

    public function __invoke(OrderAccounts $accounts, ShopProfile $premises): View
    {
        return view('books.jobs', [
            'jobs' => $accounts
                ->sewn(self::SHOWN)
                ->sortBy(static fn(OrderMoney $job): int => ($job->priceCents() ?? 0) - ($job->realCents() ?? 0)),
            'currency' => $premises->shop()->currency,
        ]);
    }
}
