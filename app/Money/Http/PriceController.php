<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Foundation\StateHash;
use App\Money\Http\Requests\KeepPrices;
use App\Money\Http\Requests\NotePurchase;
use App\Money\Http\Requests\TakeRates;
use App\Money\Http\Requests\WorkOutMachineHour;
use App\Money\Models\PriceStep;
use App\Money\Queries\PriceList;
use App\Money\Queries\RateList;
use App\People\Caller;
use App\Shop\Actions\RuleChange;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Shop\RuleWords;
use App\Stock\Models\Purchase;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Money\Amount;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The price list: up to so many stitches, from so many pieces on, so much a piece. */
final class PriceController
{
    public function show(ShopProfile $premises): View
    {
        $steps = PriceList::steps();
        $from = array_values(array_unique(array_merge(...array_map(array_keys(...), array_values($steps)))));
        sort($from);

        return view('money.prices', [
            'steps' => $steps,
            'from' => $from,
            'seen' => StateHash::of($steps),
            'currency' => $premises->shop()->currency,
            'bought' => array_map(
                static fn(string $rule): string => RuleWords::label(HouseRule::from($rule)),
                array_combine(array_keys(NotePurchase::OF), array_keys(NotePurchase::OF)),
            ),
        ]);
    }

    public function keep(KeepPrices $request): RedirectResponse
    {
        self::replace($request->rows());

        return redirect()->route('prices.show')->with(
            'done',
            __('money.price_controller.price_list_saved_new_quotes_use'),
        );
    }

    public function csv(): Response
    {
        return Download::csv(RateList::prices(), 'prices');
    }

    /** What an hour, a metre and a piece of stock cost. */
    public function rates(House $house): Response
    {
        return Download::csv(RateList::rates($house), 'rates');
    }

    /** What a machine hour comes to is the rate from then on; it is taken back as any rule is. */
    public function machineHour(WorkOutMachineHour $request, RuleChange $rules): RedirectResponse
    {
        $hour = $request->hour();
        $rules->set([HouseRule::MachineHour->value => (float) $hour->cents()]);

        return redirect()
            ->route('prices.show')
            ->with(
                'done',
                __('money.price_controller.an_hour_of_a_machine_costs', [
                    'hour' => Amount::plain($hour->cents()),
                    'written_off' => Amount::plain($hour->writtenOff->cents()),
                    'power' => Amount::plain($hour->power->cents()),
                    'care' => Amount::plain($hour->care->cents()),
                ]),
            );
    }

    /** Written down once, however often the form comes; the rate that follows from it is offered. */
    public function bought(NotePurchase $request): RedirectResponse
    {
        Purchase::query()->firstOrCreate(
            ['form_id' => $request->string('id')->lower()->value()],
            [
                'of' => $request->string('of')->value(),
                'amount' => $request->float('amount'),
                'cents' => (int) Amount::read($request->string('paid')->value()),
                'who' => mb_substr(Caller::acting($request), 0, 40),
                'bought_on' => CarbonImmutable::today(),
            ],
        );

        return redirect()
            ->route('prices.show')
            ->with('done', __('money.price_controller.purchase_saved_its_effect_on_the'));
    }

    /** Either list, as a spreadsheet program wrote it. */
    public function take(TakeRates $request, RuleChange $rules): RedirectResponse
    {
        $list = $request->list();
        if ($list->steps === []) {
            $changed = $rules->set($list->rates);

            return redirect()
                ->route('prices.show')
                ->with(
                    'done',
                    match (count($changed)) {
                        0 => __('money.price_controller.no_rates_changed'),
                        1 => __('money.price_controller.one_rate_changed'),
                        default => __('money.price_controller.rates_changed', ['count' => count($changed)]),
                    },
                );
        }
        self::replace($list->steps);

        return redirect()->route('prices.show')->with('done', __('money.price_controller.price_list_imported'));
    }

    /** @param list<array{stitches_to: int, pieces_from: int, cents: int}> $rows in the place of the list there is */
    private static function replace(array $rows): void
    {
        $before = PriceList::steps();
        Transaction::run(static function () use ($rows, $before): void {
            PriceStep::query()->delete();
            PriceStep::query()->insert($rows);
            ChangeLog::note(
                Change::RULE,
                'prices',
                __('money.price_controller.the_price_list'),
                ['list' => $before],
                ['list' => PriceList::steps()],
            );
        });
    }
}
