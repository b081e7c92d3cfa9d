<?php

declare(strict_types=1);

namespace App\Orders;

use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use Hakama\Artwork\Variant;
use Illuminate\Support\Collection;

/** An order that was there before, as it would be typed once more: all but its dates and its prices. */
final readonly class OrderAgain
{
    /** @return array<string, mixed> what stands in the form of a new order; wants `customer`, `lines.decorations.artwork` and `.pieces` loaded */
    public static function typed(Order $order): array
    {
        return [
            'customer' => $order->customer->name,
            'note' => $order->note,
            'lines' => $order->lines->map(self::line(...))->values()->all(),
        ];
    }

    /** @return array<string, mixed> one of its lines; wants `decorations.artwork` and `.pieces` loaded */
    public static function line(OrderLine $line): array
    {
        $decorations = $line->decorations->whereNull('split_from_id');
        $first = $decorations->first()?->id;
        // A run that was divided has its pieces in several: each garment passes through all places, so one place counts them.
        $pieces = $line->decorations
            ->filter(static fn(Decoration $one): bool => ($one->split_from_id ?? $one->id) === $first)
            ->flatMap(static fn(Decoration $one): Collection => $one->pieces);

        return [
            'garment' => $line->garment->value,
            'fabric' => $line->fabric->value,
            'structure' => $line->structure->value,
            'profile' => $line->profile->value,
            'style' => $line->style,
            'colour_name' => $line->colour_name,
            'colour_hex' => $line->colour_hex,
            'spares' => (string) ($line->spares ?: ''),
            'patch_back' => $line->patch_back->value ?? null,
            'sizes' => array_map(strval(...), $pieces->countBy('size')->all()),
            'decorations' => $decorations->map(self::decoration(...))->values()->all(),
        ];
    }

    /** @return array<string, mixed> names are asked for again: they belong to the pieces they were sewn on */
    private static function decoration(Decoration $decoration): array
    {
        $isNamed = $decoration->artwork?->variant === Variant::Names;

        return [
            'position' => $decoration->position->value,
            'artwork_id' => $isNamed ? '' : (string) $decoration->artwork_id,
            'named' => $isNamed ? '1' : '',
        ];
    }
}
