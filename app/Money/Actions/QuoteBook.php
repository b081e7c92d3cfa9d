<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Money\AskedQuote;
use App\Money\Models\GivenQuote;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Money\QuoteState;
use Hakama\Money\SaidDesign;
use Hakama\Words\Joined;
use Hakama\Words\Texts;

/** The quotes that were given: numbered, in versions, accepted or declined. None is ever changed. */
final class QuoteBook
{
    /**
     * @param array<string, string>   $asked  as it was typed
     * @param GivenQuote|null          $before that it is a new version of
     * @param string                  $form   the same form twice is one quote
     */
    public static function keep(
        string $customer,
        array $asked,
        AskedQuote $quote,
        ?GivenQuote $before,
        string $form,
        string $who,
    ): GivenQuote {
        return Transaction::run(static function () use ($customer, $asked, $quote, $before, $form, $who): GivenQuote {
            $last = GivenQuote::query()->orderByDesc('number')->value('number');
            $same = GivenQuote::query()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            if ($before !== null) {
                GivenQuote::query()
                    ->whereKey($before->id)
                    ->update(['state' => QuoteState::Replaced]);
            }
            $number = $before->number ?? (int) $last + 1;

            return GivenQuote::query()->create([
                'number' => $number,
                'version' => 1 + (int) GivenQuote::query()->where('number', $number)->max('version'),
                'form_id' => $form,
                'customer' => trim($customer),
                'asked' => $asked,
                'rows' => self::rows($quote),
                'pieces' => $quote->likely->job->pieces,
                'price_cents' => $quote->likely->price,
                'least_cents' => $quote->least->price,
                'most_cents' => $quote->most->price,
                'cost_cents' => $quote->likely->cost->cents(),
                'state' => QuoteState::Open,
                'who' => mb_substr($who, 0, 40),
                'made_at' => CarbonImmutable::now(),
            ]);
        });
    }

    /** @return bool false where it was answered already */
    public static function answer(GivenQuote $quote, QuoteState $state, string $why): bool
    {
        return GivenQuote::query()
            ->whereKey($quote->id)
            ->where('state', QuoteState::Open)
            ->update(['state' => $state, 'why' => $why, 'answered_at' => CarbonImmutable::now()]) === 1;
    }

    /** An accepted quote has become an order: its price is what was agreed. */
    public static function became(int $quoteId, Order $order): void
    {
        Transaction::run(static function () use ($quoteId, $order): void {
            $quote = GivenQuote::query()
                ->whereKey($quoteId)
                ->where('state', QuoteState::Accepted)
                ->whereNull('order_id')
                ->first();
            if ($quote !== null) {
                $quote->update(['order_id' => $order->id]);
                $order->update(['agreed_cents' => $quote->price_cents]);
            }
        });
    }

    /** @return list<array{text: string, pieces: int, cents: int}> */
    private static function rows(AskedQuote $quote): array
    {
        return [
            [
                'text' => __('money.quote_book.sewn_garments', ['value' => Words::say(new Texts(
                    Joined::Semicolon,
                    ...array_map(static fn(SaidDesign $design): string => Words::say($design->words()), $quote->designs),
                ))]),
                'pieces' => $quote->likely->job->pieces,
                'cents' => $quote->likely->price,
            ],
        ];
    }
}
