<?php

declare(strict_types=1);

namespace App\Money;

use App\Database\Whole;
use App\Models\KeptQuote;
use App\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Money\Quote;
use Hakama\Money\QuoteState;

/** The quotes that were given: numbered, in versions, accepted or declined. None is ever changed. */
final class QuoteBook
{
    /**
     * @param array<string, string>   $asked  as it was typed
     * @param non-empty-array<int, Quote> $quotes stitches => price: the middle one is what is said
     * @param KeptQuote|null          $before that it is a new version of
     * @param string                  $form   the same form twice is one quote
     */
    public static function keep(
        string $customer,
        array $asked,
        array $quotes,
        ?KeptQuote $before,
        string $form,
        string $who,
    ): KeptQuote {
        return Whole::write(static function () use ($customer, $asked, $quotes, $before, $form, $who): KeptQuote {
            // Whoever takes a number waits for the one before.
            $last = KeptQuote::query()->orderByDesc('number')->lockForUpdate()->value('number');
            $same = KeptQuote::query()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            if ($before !== null) {
                KeptQuote::query()
                    ->whereKey($before->id)
                    ->update(['state' => QuoteState::Replaced]);
            }
            $stitches = array_keys($quotes);
            $likely = $quotes[$stitches[intdiv(count($stitches), 2)]];
            $number = $before->number ?? (int) $last + 1;

            return KeptQuote::query()->create([
                'number' => $number,
                'version' => 1 + (int) KeptQuote::query()->where('number', $number)->max('version'),
                'form_id' => $form,
                'customer' => trim($customer),
                'asked' => $asked,
                'rows' => self::rows($asked, $stitches, $likely),
                'pieces' => $likely->job->pieces,
                'price_cents' => $likely->price,
                'least_cents' => min(array_map(static fn(Quote $one): int => $one->price, $quotes)),
                'most_cents' => max(array_map(static fn(Quote $one): int => $one->price, $quotes)),
                'cost_cents' => $likely->cost->cents(),
                'state' => QuoteState::Open,
                'who' => mb_substr($who, 0, 40),
                'made_at' => CarbonImmutable::now(),
            ]);
        });
    }

    /** @return bool false where it was answered already */
    public static function answer(KeptQuote $quote, QuoteState $state, string $why): bool
    {
        return KeptQuote::query()
            ->whereKey($quote->id)
            ->where('state', QuoteState::Open)
            ->update(['state' => $state, 'why' => $why, 'answered_at' => CarbonImmutable::now()]) === 1;
    }

    /** An accepted quote has become an order: its price is what was agreed. */
    public static function became(int $quoteId, Order $order): void
    {
        Whole::write(static function () use ($quoteId, $order): void {
            $quote = KeptQuote::query()
                ->whereKey($quoteId)
                ->where('state', QuoteState::Accepted)
                ->whereNull('order_id')
                ->lockForUpdate()
                ->first();
            if ($quote !== null) {
                $quote->update(['order_id' => $order->id]);
                $order->update(['agreed_cents' => $quote->price_cents]);
            }
        });
    }

    /**
     * @param array<string, string> $asked
     * @param non-empty-list<int>   $stitches
     *
     * @return list<array{text: string, pieces: int, cents: int}>
     */
    private static function rows(array $asked, array $stitches, Quote $quote): array
    {
        $places = (int) ($asked['places'] ?? 1);
        $likely = $stitches[intdiv(count($stitches), 2)];

        return [
            [
                'text' => sprintf(
                    'Garments sewn in %s, %s %d stitches in %d colours each',
                    $places === 1 ? 'one place' : "{$places} places",
                    count($stitches) > 1 ? 'about' : '',
                    $likely,
                    (int) ($asked['colours'] ?? 1),
                ),
                'pieces' => $quote->job->pieces,
                'cents' => $quote->price,
            ],
        ];
    }
}
