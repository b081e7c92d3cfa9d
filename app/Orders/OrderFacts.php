<?php

declare(strict_types=1);

namespace App\Orders;

use App\Foundation\StateHash;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\Queries\OrderedGarments;
use Carbon\CarbonImmutable;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Hakama\Money\Amount;
use Illuminate\Support\Facades\Lang;

/** What stands in an order, in the words of its history, and read back from them. */
final class OrderFacts
{
    /** What it looks like to whoever opens it to change it. */
    public static function sign(Order $order, ?OrderedGarments $garments = null): string
    {
        return StateHash::of(self::of($order, $garments));
    }

    /** @return array<string, mixed> as its history tells it */
    public static function of(Order $order, ?OrderedGarments $garments = null): array
    {
        $facts = [
            'customer' => $order->relationLoaded('customer')
                ? $order->customer->name
                : (string) Customer::query()->whereKey($order->customer_id)->value('name'),
            'contact' => $order->contact,
            'due' => $order->due_at->format('Y-m-d H:i'),
            'note' => $order->note,
            'event' => $order->for_event ? 'yes' : 'no',
            'cancelled' => $order->cancelled_at?->format('Y-m-d H:i') ?? '',
        ];
        $wanted = ($garments ?? OrderedGarments::of($order))->wanted;
        $lines = $order->relationLoaded('lines') ? $order->lines : $order->lines()->get();
        foreach ($lines->sortBy('id')->values() as $i => $line) {
            $sizes = array_filter($wanted[$line->id] ?? [], static fn(int $pieces): bool => $pieces > 0);
            $at = 'line '.($i + 1);
            $facts["{$at} is"] = implode(', ', [
                "{$line->colour_name} {$line->colour_hex}",
                'worth '.($line->unit_value_cents === null ? 'as catalogued' : $line->unit_value_cents / 100),
                "{$line->spares} spare",
                ...$line->patch_back === null ? [] : [$line->patch_back->value],
            ]);
            $facts[$at] = implode(
                ', ',
                array_map(
                    static fn(string $size, int $count): string => "{$size} {$count}",
                    array_map(strval(...), array_keys($sizes)),
                    $sizes,
                ),
            );
        }

        return $facts;
    }

    /** What a fact is called, from the key under which its history has it. */
    public static function name(string $key): string
    {
        if (preg_match('/^line (\d+)( is)?$/', $key, $of) === 1) {
            return __(isset($of[2]) ? 'orders.fact.line_is' : 'orders.fact.line', ['line' => $of[1]]);
        }

        return Lang::has("orders.fact.{$key}") ? __("orders.fact.{$key}") : str_replace('_', ' ', $key);
    }

    /**
     * What its history told, read back into what is changed.
     *
     * @param array<string, mixed> $told as of() tells it, or a part of that
     *
     * @return array{array<string, mixed>, array<int, array<string, int>>, array<int, array<string, mixed>>} facts, line =>
     *     size => garments, and line => what it is
     */
    public static function told(Order $order, array $told): array
    {
        $facts = array_intersect_key($told, ['customer' => 0, 'contact' => 0, 'note' => 0]);
        if (isset($told['due'])) {
            $facts['due_at'] = CarbonImmutable::parse((string) $told['due']);
        }
        if (isset($told['event'])) {
            $facts['for_event'] = $told['event'] === 'yes';
        }
        $sizes = $lines = [];
        $wanted = OrderedGarments::of($order)->wanted;
        foreach ($order->lines()->orderBy('id')->get() as $i => $one) {
            $line = $one->id;
            $is = '/^(.*) (#[0-9a-f]{6}), worth (\S+)(?: catalogued)?, (\d+) spare(?:, (\w+))?$/u';
            if (preg_match($is, (string) ($told['line '.($i + 1).' is'] ?? ''), $of) === 1) {
                $lines[$line] = self::line($one, [
                    'colour_name' => $of[1],
                    'colour_hex' => $of[2],
                    'unit_value' => $of[3],
                    'spares' => $of[4],
                    'patch_back' => $of[5] ?? '',
                ]);
            }
            if (isset($told['line '.($i + 1)])) {
                // A size that was not there before is none of it.
                $sizes[$line] = [
                    ...array_map(static fn(): int => 0, $wanted[$line] ?? []),
                    ...self::sizes((string) $told['line '.($i + 1)]),
                ];
            }
        }

        return [$facts, $sizes, $lines];
    }

    /**
     * What may still be said otherwise of a line once it is in the book.
     *
     * @param array<mixed> $typed
     *
     * @return array<string, mixed>
     */
    public static function line(OrderLine $line, array $typed): array
    {
        $worth = $typed['unit_value'] ?? null;

        return [
            'colour_name' => trim((string) ($typed['colour_name'] ?? $line->colour_name)),
            'colour_hex' => strtolower((string) ($typed['colour_hex'] ?? $line->colour_hex)),
            'unit_value_cents' => is_numeric($worth) ? Amount::read($worth) : null,
            'spares' => (int) ($typed['spares'] ?? 0),
            'patch_back' =>
                $line->garment === Garment::Patch
                    ? PatchBack::tryFrom((string) ($typed['patch_back'] ?? '')) ?? $line->patch_back
                    : null,
        ];
    }

    /** @return array<string, int> the same back: "M 12, L 4" */
    public static function sizes(string $sizes): array
    {
        preg_match_all('/(\w+) (\d+)/', $sizes, $found);

        return array_combine($found[1], array_map(intval(...), $found[2]));
    }
}
