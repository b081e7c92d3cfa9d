<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\Download;
use App\Foundation\ShopProfile;
use App\Money\Actions\QuoteBook;
use App\Money\AskedPrice;
use App\Money\Http\Requests\AnswerQuote;
use App\Money\Http\Requests\KeepQuote;
use App\Money\Models\GivenQuote;
use App\Money\Papers\PaperPdf;
use App\People\Caller;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Money\NoPrice;
use Hakama\Money\QuoteState;
use Hakama\Money\Tax;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Quotes that were given: kept in versions, accepted into an order, or declined with the reason. */
final readonly class QuoteController
{
    public function __construct(private AskedPrice $price, private ShopProfile $premises, private House $house) {}

    public function index(): View
    {
        return view('money.quotes', [
            'quotes' => GivenQuote::query()
                ->with('order')
                ->orderByRaw('state != ?', [QuoteState::Open->value])
                ->orderByDesc('number')
                ->orderByDesc('version')
                ->simplePaginate(40),
            'currency' => $this->premises->shop()->currency,
        ]);
    }

    public function store(KeepQuote $request): RedirectResponse
    {
        try {
            $quote = $this->price->of($request->question()->asked($this->house->rules()->value(HouseRule::FullFill)));
        } catch (NoPrice $e) {
            throw ValidationException::withMessages(['customer' => $e->getMessage()])->redirectTo(
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
            ->with('done', "{$kept->label()} is kept for {$kept->customer}.");
    }

    public function answer(AnswerQuote $request, GivenQuote $quote): RedirectResponse
    {
        $state = $request->isAccepted() ? QuoteState::Accepted : QuoteState::Declined;
        if (! QuoteBook::answer($quote, $state, $request->string('why')->trim()->value())) {
            return redirect()
                ->route('orders.quotes')
                ->with('problem', "{$quote->label()} was answered already; nothing was changed.");
        }

        return $request->isAccepted()
            ? redirect()
                ->route('orders.create', ['quote' => $quote->id])
                ->with('done', "{$quote->label()} is accepted. Write down the order; its price is agreed.")
            : redirect()
                ->route('orders.quotes')
                ->with('done', "{$quote->label()} is declined; why is kept.");
    }

    /** One page for the customer. */
    public function paper(GivenQuote $quote): Response
    {
        $shop = $this->premises->shop();

        return Download::pdf(
            PaperPdf::of(
                $shop->name,
                "Quote {$quote->label()}",
                ["For {$quote->customer}", 'Of '.$quote->made_at->format('j F Y').', good for 30 days'],
                $quote->rows,
                $quote->price_cents,
                $shop->currency,
                $quote->least_cents === $quote->most_cents
                    ? []
                    : [
                        sprintf(
                            'Until the artwork is there its stitches are estimated: from %s to %s.',
                            PaperPdf::amount($quote->least_cents),
                            PaperPdf::amount($quote->most_cents),
                        ),
                    ],
                Tax::on($quote->price_cents, $this->house->rules()->value(HouseRule::Tax)),
            ),
            "quote-{$quote->number}-{$quote->version}",
        );
    }
}
