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

    /** On the telephone: before there is an order, or an artwork. */
    public function __invoke(Request $request): View
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

        $answer = [
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

        return $request->hasHeader('HX-Request') ? view('orders.asked', $answer) : view('orders.ask', $answer);
    }
}
