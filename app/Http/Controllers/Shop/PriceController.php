<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Database\Whole;
use App\Formats\Csv;
use App\History\History;
use App\Http\Requests\Shop\KeepPrices;
use App\Models\Change;
use App\Models\PriceStep;
use App\Money\PriceList;
use App\Shop\Premises;
use App\Shop\Sign;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The price list: up to so many stitches, from so many pieces on, so much a piece. */
final class PriceController
{
    public function show(Premises $premises): View
    {
        $steps = PriceList::steps();
        $from = array_values(array_unique(array_merge(...array_map(array_keys(...), array_values($steps)))));
        sort($from);

        return view('shop.prices', [
            'steps' => $steps,
            'from' => $from,
            'seen' => Sign::of($steps),
            'currency' => $premises->shop()->currency,
        ]);
    }

    public function keep(KeepPrices $request): RedirectResponse
    {
        $before = PriceList::steps();
        Whole::write(static function () use ($request, $before): void {
            PriceStep::query()->delete();
            PriceStep::query()->insert($request->rows());
            History::note(
                Change::RULE,
                'prices',
                'the price list',
                ['list' => $before],
                ['list' => PriceList::steps()],
            );
        });

        return redirect()->route('prices.show')->with('done', 'The price list is kept: quotes follow it from now on.');
    }

    public function csv(): Response
    {
        $rows = [];
        foreach (PriceList::steps() as $to => $of) {
            foreach ($of as $from => $cents) {
                $rows[] = [(string) $to, (string) $from, number_format($cents / 100, 2, '.', '')];
            }
        }

        return (new Response(Csv::write(['stitches_to', 'pieces_from', 'price'], $rows)))
            ->header('Content-Type', 'text/csv; charset=UTF-8')
            ->header('Content-Disposition', 'attachment; filename="prices.csv"');
    }
}
