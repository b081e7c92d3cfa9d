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
        [$finished, $running] = $accounts
            ->sewn(self::SHOWN)
            ->sortBy(static fn(OrderMoney $job): int => $job->profitCents() ?? 0)
            ->partition(static fn(OrderMoney $job): bool => $job->sewnShare() >= 1.0)
            ->all();

        return view('books.jobs', [
            'finished' => $finished,
            'running' => $running,
            'lost' => $finished->filter(static fn(OrderMoney $job): bool => $job->profitCents() < 0)->count(),
            'earned' => $finished->sum(static fn(OrderMoney $job): int => $job->profitCents() ?? 0),
            'currency' => $premises->shop()->currency,
        ]);
    }
}
