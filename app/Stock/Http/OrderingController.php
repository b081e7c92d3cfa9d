<?php

declare(strict_types=1);

namespace App\Stock\Http;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Transaction;
use App\Foundation\Formats\Csv;
use App\Foundation\Http\Download;
use App\Foundation\Words\Dates;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use App\Stock\Actions\StockBook;
use App\Stock\Http\Requests\CountStock;
use App\Stock\Http\Requests\GoodsExpected;
use App\Stock\Http\Requests\KeepSuppliers;
use App\Stock\Http\Requests\MeasureBolt;
use App\Stock\Models\ExpectedGoods;
use App\Stock\Models\Supplier;
use App\Stock\Queries\Bolts;
use App\Stock\Queries\Shortages;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Shortage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** What has to be ordered so that what is planned can be sewn. */
final class OrderingController
{
    public function show(Shortages $shortages, House $house, StockBook $stock, Bolts $bolts, PlanBoard $board): View
    {
        return view('stock.ordering', [
            'all' => collect($shortages->all())->groupBy('from'),
            'kinds' => Supplier::OF,
            'seen' => $stock->suppliersSign(),
            'stock' => $stock,
            'bolts' => $bolts->all(),
            'reserved' => $stock->reserved(),
            'days' => $house->rules()->value(HouseRule::LeadDays),
            'now' => ShopClock::now(),
            'expected' => ExpectedGoods::query()->get()->keyBy(static fn(ExpectedGoods $one): string => "{$one->of} {$one->what}"),
            'holding' => $board->holding(),
        ]);
    }

    public function count(CountStock $request, StockBook $stock): RedirectResponse
    {
        $stock->count($request->kind(), $request->amount(), Caller::acting($request));

        return redirect()->route('ordering.show')->with('done', __('stock.ordering_controller.counted', [
            'what' => $request->kind()->label(),
        ]));
    }

    /** Said again, the last day holds. */
    public function expect(GoodsExpected $request): RedirectResponse
    {
        $day = CarbonImmutable::parse($request->string('comes_on')->value());
        Transaction::run(static fn() => ExpectedGoods::query()->updateOrCreate(
            ['of' => $request->string('of')->value(), 'what' => $request->string('what')->value()],
            [
                'expected_on' => $day->format('Y-m-d'),
                'who' => mb_substr(Caller::acting($request), 0, 40),
                'noted_at' => CarbonImmutable::now(),
            ],
        ));

        return redirect()->route('ordering.show')->with('done', __('stock.expected.noted', ['day' => Dates::day($day)]));
    }

    public function forget(ExpectedGoods $expected): RedirectResponse
    {
        $expected->delete();

        return redirect()->route('ordering.show')->with('done', __('stock.expected.forgotten'));
    }

    public function measure(MeasureBolt $request): RedirectResponse
    {
        $cloth = $request->cloth();
        $cloth->update(['length_mm' => $request->lengthMm()]);

        return redirect()->route('ordering.show')->with('done', __('stock.ordering_controller.measured', [
            'what' => "{$cloth->code} {$cloth->name}",
        ]));
    }

    public function supply(KeepSuppliers $request, StockBook $stock): RedirectResponse
    {
        if ($request->filled('seen') && $request->string('seen')->value() !== $stock->suppliersSign()) {
            throw ValidationException::withMessages([
                'seen' => __('stock.ordering_controller.somebody_else_changed_the_suppliers_in'),
            ]);
        }
        $stock->supply($request->rows());

        return redirect()->route('ordering.show')->with('done', __('stock.ordering_controller.suppliers_saved'));
    }

    public function csv(Shortages $shortages): Response
    {
        $day = static fn(?int $at): string => $at === null ? '' : ShopClock::time($at)->format('Y-m-d');

        return Download::csv(
            Csv::write(
                ['from', 'of', 'what', 'missing', 'unit', 'for', 'wanted', 'order_by'],
                array_map(
                    static fn(Shortage $one): array => [
                        $one->from,
                        $one->of,
                        $one->what,
                        (string) ceil($one->missing),
                        $one->unit,
                        $one->for,
                        $day($one->wanted),
                        $day($one->orderBy),
                    ],
                    $shortages->all(),
                ),
            ),
            'to-order',
        );
    }
}
