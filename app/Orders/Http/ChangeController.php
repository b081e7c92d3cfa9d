<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Orders\Actions\ArtworkChoice;
use App\Orders\Actions\HandOvers;
use App\Orders\Actions\OrderChange;
use App\Orders\Http\Requests\AddLines;
use App\Orders\Http\Requests\ChangeOrder;
use App\Orders\Http\Requests\ChooseCustomerLanguage;
use App\Orders\Http\Requests\HandOverGarments;
use App\Orders\Messages;
use App\Orders\Models\HandOver;
use App\Orders\Models\Letter;
use App\Orders\Models\Order;
use App\Orders\OrderFacts;
use App\Orders\Queries\BlanksAwaited;
use App\Orders\Queries\ColourNames;
use App\Orders\Queries\OrderedGarments;
use App\Orders\Queries\OrderForesight;
use App\Orders\Queries\OrderSteps;
use App\Orders\StaleOrder;
use App\People\Caller;
use App\Plan\Queries\PlanBoard;
use App\Shop\Catalogue\Catalogue;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

/** What happens to an order after it was entered: it is changed, cancelled, handed over. */
final class ChangeController
{
    /** What came of it beside the sewing: blanks, slips, messages, and who changed what. */
    public function story(
        Order $order,
        PlanBoard $board,
        ShopProfile $premises,
        House $house,
        BlanksAwaited $awaited,
    ): View {
        $order->load(['customer', 'lines']);
        $garments = OrderedGarments::of($order);
        $ends = $board->orderEnds($order->id, $garments->pieces - $garments->piecesDone);

        return view('orders.story', [
            'order' => $order,
            'garments' => $garments,
            'awaited' => $awaited->of($order),
            'version' => PlanBoard::version(),
            'steps' => OrderSteps::of($order, $garments, $ends),
            'slips' => $garments->slips,
            'changes' => ChangeLog::of(Change::ORDER, (string) $order->number),
            'letters' => Letter::ofOrder($order->id),
            'language' => $premises->shop()->language,
            'messages' => $premises->writeTo($order->customer->language, static fn(): array => Messages::of(
                $order,
                $premises->shop()->name,
                $house->rules(),
                $ends,
                $garments->piecesDone,
                $garments->pieces,
            )),
        ]);
    }

    public function edit(Order $order, OrderForesight $foresight): View
    {
        $order->load(['customer', 'lines']);
        $garments = OrderedGarments::of($order);

        return view('orders.edit', [
            'order' => $order,
            'garments' => $garments,
            'seen' => OrderFacts::sign($order, $garments),
            'cancelling' => $foresight->cancelling($order),
        ]);
    }

    /** What the change that is typed would bring. */
    public function foresee(Request $request, Order $order, OrderForesight $foresight): View
    {
        $typed = $request->string('due_date').' '.$request->string('due_time');
        $due = preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d$/', $typed) === 1 ? CarbonImmutable::parse($typed) : null;
        $sizes = ChangeOrder::sizesOf($order, $request->array('sizes'));

        return view('orders.foresight', [
            'words' => [
                ...$foresight->words($order, $due, $sizes),
                ...array_values(OrderChange::problems($order, $sizes)),
            ],
        ]);
    }

    public function update(ChangeOrder $request, Order $order): RedirectResponse
    {
        try {
            $changed = OrderChange::make(
                $order,
                $request->facts(),
                $request->sizes(),
                $request->string('seen')->value(),
                $request->lines(),
            );
        } catch (StaleOrder $e) {
            return self::movedOn($request, $e, redirect()->route('orders.edit', $order));
        }

        return redirect()
            ->route('orders.show', $order)
            ->with(
                'done',
                $changed === []
                    ? __('orders.change_controller.nothing_changed')
                    : __('orders.change_controller.changed', [
                        'what' => implode(', ', array_map(OrderFacts::name(...), array_keys($changed))),
                    ]),
            );
    }

    /** The form of a line more. */
    public function more(Order $order, Catalogue $catalogue): View
    {
        return view('orders.more', [
            'order' => $order->load('customer'),
            'seen' => OrderFacts::sign($order),
            'styles' => $catalogue->namesInUse(),
            'colours' => ColourNames::offered(),
            'artworks' => ArtworkChoice::all(),
        ]);
    }

    public function add(AddLines $request, Order $order): RedirectResponse
    {
        if ($order->cancelled_at !== null) {
            return redirect()->route('orders.show', $order)->with(
                'problem',
                __('orders.change_controller.the_order_is_cancelled_reopen_it'),
            );
        }
        try {
            OrderChange::add($order, $request->lines(), $request->string('seen')->value());
        } catch (StaleOrder $e) {
            return self::movedOn($request, $e, redirect()->route('orders.more', $order));
        }

        return redirect()
            ->route('orders.show', $order)
            ->with('done', __('orders.change_controller.line_added_set_it_up_next'));
    }

    private static function movedOn(Request $request, StaleOrder $e, RedirectResponse $back): RedirectResponse
    {
        return $back->withInput($request->except('seen'))->withErrors(['seen' => $e->getMessage()]);
    }

    public function cancel(Request $request, Order $order): RedirectResponse
    {
        $why = Validator::make(
            $request->all(),
            ['why_cancelled' => ['required', 'string', 'max:150']],
            ['why_cancelled.*' => __('orders.change_controller.give_the_reason')],
        )->validate()['why_cancelled'];
        if ($order->cancelled_at !== null) {
            return redirect()->route('orders.show', $order);
        }
        [$taken, $left] = OrderChange::cancel($order, (string) $why);

        return redirect()
            ->route('orders.show', $order)
            ->with(
                'done',
                __('orders.change_controller.no_cancelled_pieces_left_the_plan', [
                    'number' => $order->number,
                    'taken' => $taken,
                    'value' => $left > 0 ? __('orders.change_controller.started_or_sewn_pieces_stay', [
                        'left' => $left,
                    ]) : '.',
                ]),
            );
    }

    public function reopen(Order $order): RedirectResponse
    {
        if ($order->cancelled_at !== null) {
            OrderChange::reopen($order);
        }

        return redirect()
            ->route('orders.show', $order)
            ->with('done', __('orders.change_controller.no_is_open_again_with_the', ['number' => $order->number]));
    }

    /** Where what is ready lies until it is handed over. */
    public function shelve(Request $request, Order $order): RedirectResponse
    {
        Validator::make(
            $request->all(),
            ['shelf' => ['nullable', 'string', 'max:40']],
            ['shelf.*' => __('orders.change_controller.at_most_40')],
        )->validate();
        $shelf = $request->string('shelf')->trim()->value();
        if ($shelf !== $order->shelf) {
            Transaction::run(static function () use ($order, $shelf): void {
                ChangeLog::note(
                    Change::ORDER,
                    (string) $order->number,
                    __('orders.change_controller.shelf_changed'),
                    ['shelf' => $order->shelf],
                    ['shelf' => $shelf],
                );
                $order->update(['shelf' => $shelf]);
            });
        }

        return redirect()
            ->route('orders.story', $order)
            ->with('done', $shelf === '' ? __('orders.change_controller.no_shelf_set') : __('orders.change_controller.shelf', [
                'shelf' => $shelf,
            ]));
    }

    public function hand(HandOverGarments $request, Order $order): RedirectResponse
    {
        $slip = HandOvers::give(
            $order,
            $request->string('id')->lower()->value(),
            $request->sizes(),
            Caller::acting($request),
        );

        return redirect()->route('orders.slip', [$order, $slip->number]);
    }

    /** For the customer, and so in their language. */
    public function slip(Order $order, int $number, ShopProfile $premises, House $house): Response
    {
        $order->load(['customer', 'lines.decorations.artwork']);
        $slip = static fn(): string => view('orders.slip', [
            'rules' => $house->rules(),
            'order' => $order,
            'slip' => HandOver::query()->where('order_id', $order->id)->where('number', $number)->firstOrFail(),
            'garments' => OrderedGarments::of($order),
            'shop' => $premises->shop()->name,
            'now' => ShopClock::words(CarbonImmutable::now()),
        ])->render();

        return new Response($premises->writeTo($order->customer->language, $slip));
    }

    /** Papers and messages for this customer are in another language from now on. */
    public function language(ChooseCustomerLanguage $request, Order $order): RedirectResponse
    {
        $order->customer()->firstOrFail()->update(['language' => $request->language()]);

        return redirect()
            ->route('orders.story', $order)
            ->with('done', __('orders.change_controller.language_saved', ['name' => $order->customer->name]));
    }
}
