<?php

declare(strict_types=1);

namespace App\Http\Controllers\Orders;

use App\Http\Requests\Orders\AskQuote;
use App\Models\KeptQuote;
use App\Money\AskedPrice;
use App\Money\AskedPromise;
use App\Money\Risks;
use App\Shop\House;
use App\Shop\Premises;
use Hakama\House\HouseRule;
use Hakama\Money\NoPrice;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** On the telephone: what would it cost, before there is an order, or an artwork. */
final readonly class AskQuoteController
{
    public function __construct(
        private House $house,
        private AskedPrice $price,
        private AskedPromise $promise,
        private Premises $premises,
        private Risks $risks,
    ) {}

    public function page(Request $request): View
    {
        return view('orders.ask', $this->answer($request));
    }

    /** The answer alone, fetched while one types. */
    public function answered(Request $request): View
    {
        return view('orders.asked', $this->answer($request));
    }

    /** @return array<string, mixed> what both show */
    private function answer(Request $request): array
    {
        $quote = $problem = $odds = $fabric = null;
        if ($request->query->count() > 0) {
            try {
                $asked = AskQuote::createFrom($request)->setContainer(app())->setRedirector(app('redirect'));
                $asked->validateResolved();
                $quote = $this->price->of($asked);
                $fabric = $asked->fabric();
                $odds = $this->promise->of($asked);
            } catch (ValidationException $e) {
                $problem = $e->validator->errors()->first();
            } catch (NoPrice $e) {
                $problem = $e->getMessage();
            }
        }

        return [
            'quote' => $quote,
            'fabric' => $fabric,
            'risks' => $this->risks,
            'odds' => $odds,
            'share' => (int) $this->house->rules()->value(HouseRule::PromiseKept),
            'problem' => $problem,
            'asked' => $request->query->all(),
            'of' => KeptQuote::query()->find($request->integer('of')),
            'currency' => $this->premises->shop()->currency,
            'wanted' => $this->house->rules()->value(HouseRule::WantedMargin),
        ];
    }
}
