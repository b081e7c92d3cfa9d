<?php

declare(strict_types=1);

namespace App\Money\Http;

use App\Foundation\Http\TypedForms;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Words;
use App\Money\AskedPrice;
use App\Money\AskedPromise;
use App\Money\Http\Requests\AskQuote;
use App\Money\Models\GivenQuote;
use App\Money\Queries\Risks;
use App\Shop\House;
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
        private TypedForms $forms,
        private ShopProfile $premises,
        private Risks $risks,
    ) {}

    public function page(Request $request): View
    {
        return view('money.ask', $this->answer($request));
    }

    /** The answer alone, fetched while one types. */
    public function answered(Request $request): View
    {
        return view('money.asked', $this->answer($request));
    }

    /** @return array<string, mixed> what both show */
    private function answer(Request $request): array
    {
        $quote = $problem = $odds = $fabric = null;
        if ($request->query->count() > 0) {
            try {
                $asked = $this->forms->checked(AskQuote::class, $request);
                $work = $asked->asked($this->house->rules()->value(HouseRule::FullFill));
                $quote = $this->price->of($work);
                $fabric = $work->fabric;
                $odds = $this->promise->of($work);
            } catch (ValidationException $e) {
                $problem = $e->validator->errors()->first();
            } catch (NoPrice $e) {
                $problem = Words::why($e);
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
            'of' => GivenQuote::query()->find($request->integer('of')),
            'currency' => $this->premises->shop()->currency,
            'wanted' => $this->house->rules()->value(HouseRule::WantedMargin),
        ];
    }
}
