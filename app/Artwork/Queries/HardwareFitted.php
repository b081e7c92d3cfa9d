<?php

declare(strict_types=1);

namespace App\Artwork\Queries;

use App\Artwork\Models\Artwork;
use App\Stock\Models\Hardware;

/** One kind of hardware, how many of it each piece of an artwork takes, and how many the open orders do. */
final readonly class HardwareFitted
{
    private function __construct(public Hardware $hardware, public int $each, public int $forOrders) {}

    /** @return list<self> all that can be chosen, and what is fitted though it is out of use */
    public static function of(Artwork $artwork): array
    {
        $each = self::each($artwork);
        $pieces = ClothBill::piecesToSew($artwork);

        return array_values(
            Hardware::query()
                ->whereNull('retired_at')
                ->orWhereIn('id', array_keys($each))
                ->orderBy('code')
                ->get()
                ->map(static fn(Hardware $one): self => new self($one, $each[$one->id] ?? 0, $pieces * ($each[$one->id] ?? 0)))
                ->all(),
        );
    }

    /** @return array<int, int> hardware => how many a piece takes */
    public static function each(Artwork $artwork): array
    {
        return $artwork->hardware
            ->sortBy('id')
            ->mapWithKeys(
                static fn(Hardware $one): array => [$one->id => (int) $one->getRelation('pivot')->getAttribute('each')],
            )
            ->all();
    }
}
