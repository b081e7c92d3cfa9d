<?php

declare(strict_types=1);

namespace App\Money\Papers;

use App\Garment\SizeRun;
use App\Money\LineMoney;
use App\Money\OrderMoney;
use App\Orders\Queries\OrderedGarments;

/** What stands on a paper of an order: its lines with their sizes, and what brings their sum to the price. */
final class PaperRows
{
    /** @return list<array{text: string, pieces: int, cents: int}> */
    public static function of(OrderMoney $money, int $cents): array
    {
        $wanted = OrderedGarments::of($money->order)->wanted;
        $rows = array_map(
            static fn(LineMoney $line): array => [
                'text' => self::text($line, $wanted[$line->line->id] ?? []),
                'pieces' => $line->job->pieces,
                'cents' => $line->quote->price ?? 0,
            ],
            $money->lines,
        );
        $sum = array_sum(array_column($rows, 'cents'));
        if ($sum !== $cents) {
            $rows[] = [
                'text' => match (true) {
                    $money->order->agreed_cents !== null => __('money.invoices.adjustment_to_the_agreed_price'),
                    $cents === $sum - $money->discountCents() => __('money.invoices.discount'),
                    $cents > $sum => __('money.invoices.adjustment_to_the_minimum_charge'),
                    default => __('money.invoices.less_already_invoiced'),
                },
                'pieces' => 0,
                'cents' => $cents - $sum,
            ];
        }

        return $rows;
    }

    /** @param array<array-key, int> $sizes size => garments, small to large */
    private static function text(LineMoney $line, array $sizes): string
    {
        $places = $line->line->decorations->whereNull('split_from_id')->map->positionLabel()->implode(', ');
        $text = $places === ''
            ? $line->line->garmentLabel()
            : __('money.money_controller.sewn', ['garment' => $line->line->garmentLabel(), 'places' => $places]);

        // One size alone says nothing.
        return count($sizes) < 2 ? $text : "{$text} (".SizeRun::said($sizes).')';
    }
}
