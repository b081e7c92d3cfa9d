<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Dates;
use App\Foundation\Words\Words;
use App\Money\Actions\QuoteBook;
use App\Money\AskedPrice;
use App\Money\Http\Requests\AnswerQuote;
use App\Money\Http\Requests\KeepQuote;
use App\Money\Models\GivenQuote;
use App\Money\Papers\PaperPdf;
use App\Money\Papers\PaperTo;
use App\Money\Papers\PricedPaper;
use App\Orders\Models\Customer;
use App\People\Caller;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Money\NoPrice;
use Hakama\Money\QuoteState;
use Hakama\Money\Tax;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Quotes that were given: kept in versions, accepted into an order, or declined with the reason. */
final readonly class QuoteController
{
    public function __construct(private AskedPrice $price, private ShopProfile $premises, private House $house) {}

    public function index(): View
    {
        // Those that wait for an answer come first and are few; the others are turned over page by page.
        $newest = static fn(): Builder => GivenQuote::query()
            ->with('order')
            ->orderByDesc('number')
            ->orderByDesc('version');
        $open = $newest()->where('state', QuoteState::Open)->get();
        // By their numbers: left to itself the database sorts all that were ever answered.
        $answered = $newest()
            ->forceIndex('kept_quotes_number_version_unique')
            ->where('state', '!=', QuoteState::Open)
            ->simplePaginate(40);

        return view('money.quotes', [
            'open' => $open,
            'answered' => $answered,
            'quotes' => $answered->onFirstPage() ? $open->concat($answered->items()) : $answered->items(),
            'currency' => $this->premises->shop()->currency,
        ]);
    }

    public function store(KeepQuote $request): RedirectResponse
    {
        try {
            $quote = $this->price->of($request->question()->asked($this->house->rules()->value(HouseRule::FullFill)));
        } catch (NoPrice $e) {
            throw ValidationException::withMessages(['customer' => Words::why($e)])->redirectTo(
                route('orders.ask', $request->asked()),
            );
        }
        $kept = QuoteBook::keep(
            $request->string('customer')->value(),
            $request->asked(),
            $quote,
            $request->before(),
            $request->string('form')->lower()->value(),
            Caller::acting($request),
        );

        return redirect()
            ->route('orders.quotes')
            ->with('done', __('money.quote_controller.saved_for', [
                'kept' => $kept->label(),
                'customer' => $kept->customer,
            ]));
    }

    public function answer(AnswerQuote $request, GivenQuote $quote): RedirectResponse
    {
        $state = $request->isAccepted() ? QuoteState::Accepted : QuoteState::Declined;
        if (! QuoteBook::answer($quote, $state, $request->string('why')->trim()->value())) {
            return redirect()
                ->route('orders.quotes')
                ->with('problem', __('money.quote_controller.was_already_answered_nothing_was_changed', [
                    'quote' => $quote->label(),
                ]));
        }

        return $request->isAccepted()
            ? redirect()
                ->route('orders.create', ['quote' => $quote->id])
                ->with('done', __('money.quote_controller.accepted_enter_the_order_its_price', [
                    'quote' => $quote->label(),
                ]))
            : redirect()
                ->route('orders.quotes')
                ->with('done', __('money.quote_controller.declined_the_reason_is_saved', ['quote' => $quote->label()]));
    }

    /** One page for the customer. */
    public function paper(GivenQuote $quote): Response
    {
        $customer = Customer::query()->where('name', $quote->customer)->first();

        return $this->premises->writeTo($customer?->language, fn(): Response => $this->written($quote, $customer));
    }

    private function written(GivenQuote $quote, ?Customer $customer): Response
    {
        $shop = $this->premises->shop();

        return Download::pdf(
            PaperPdf::of(new PricedPaper(
                $shop->letterhead(),
                __('money.quote_controller.quote', ['quote' => $quote->label()]),
                $customer === null ? [$quote->customer] : PaperTo::customer($customer, $shop->letterhead()),
                [[__('money.money_controller.date'), Dates::full($quote->made_at)]],
                $quote->rows,
                $quote->price_cents,
                $shop->currency,
                [
                    __('money.quote_controller.valid_for_30_days', ['made_at' => Dates::full($quote->made_at)]),
                    ...$quote->least_cents === $quote->most_cents
                        ? []
                        : [
                            __('money.quote_controller.stitches_are_estimated_until_we_have', [
                                'amount' => PaperPdf::amount($quote->least_cents),
                                'amount_2' => PaperPdf::amount($quote->most_cents),
                            ]),
                        ],
                ],
                Tax::on($quote->price_cents, $this->house->rules()->value(HouseRule::Tax)),
            )),
            "quote-{$quote->number}-{$quote->version}",
        );
    }
}
