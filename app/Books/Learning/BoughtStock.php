<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Shop\Figure;
use App\Shop\House;
use App\Shop\RuleWords;
use App\Stock\Models\Purchase;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Money\Bought;
use Illuminate\Database\Eloquent\Collection;

/** What stock was bought for, offered as its rate. */
final readonly class BoughtStock
{
    /** What was bought longer ago says nothing of what it costs now. */
    private const DAYS = 365;

    public function __construct(private House $house) {}

    /**
     * @param callable(string): (array<string, float>|null) $left what was offered of a rate and left
     *
     * @return list<RuleSuggestion> of every rate for which stock was bought in the last year
     */
    public function offers(callable $left): array
    {
        $offers = [];
        $bought = Purchase::query()
            ->where('bought_on', '>=', CarbonImmutable::today()->subDays(self::DAYS))
            ->orderBy('id')
            ->get()
            ->groupBy('of')
            ->map(
                static fn(Collection $some): ?Bought => Bought::of(
                    array_values(
                        $some->map(static fn(Purchase $one): array => [$one->amount, $one->cents])->all(),
                    ),
                ),
            );
        foreach ($bought->filter() as $about => $average) {
            $rule = HouseRule::from((string) $about);
            $offers[] = new RuleSuggestion(
                $rule->value,
                RuleWords::label($rule),
                [$rule->value => $this->house->rules()->value($rule)],
                [$rule->value => round($average->cents, 1)],
                __('books.bought_stock.in_total', [
                    'value' => $average->n === 1 ? __('books.bought_stock.one_purchase') : __('books.bought_stock.purchases', [
                        'n' => $average->n,
                    ]),
                    'amount' => Figure::words($average->amount, 1),
                ]),
                __('books.bought_stock.range', [
                    'least' => Figure::words($average->least, 1),
                    'most' => Figure::words($average->most, 1),
                ]),
                [],
                __('books.bought_stock.new_quotes_use_it_saved_quotes'),
                $left($rule->value),
            );
        }

        return $offers;
    }
}
