<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Books\Models\SpoiledShare;
use App\Shop\House;
use Hakama\Garment\Fabric;
use Hakama\Money\Rates;
use Hakama\Money\Spoilage;

/** What hours and stuff cost this shop; how much is spoiled is its own by cloth, where somebody took it from the log. */
final class ShopRates
{
    /** @var array<string, float>|null fabric => percent */
    private ?array $spoiled = null;

    public function __construct(private readonly House $house) {}

    /** @param Fabric|null $fabric null where nobody has said on what it is sewn */
    public function on(?Fabric $fabric): Rates
    {
        return Rates::ofHouse($this->house->rules(), $this->spoilage($fabric));
    }

    /** Null where the cloth has none of its own. */
    private function spoilage(?Fabric $fabric): ?Spoilage
    {
        $this->spoiled ??= SpoiledShare::query()
            ->whereNotNull('percent')
            ->toBase()
            ->pluck('percent', 'fabric')
            ->map(static fn(mixed $percent): float => (float) $percent)
            ->all();
        $own = $fabric === null ? null : $this->spoiled[$fabric->value] ?? null;

        return $fabric === null || $own === null ? null : Spoilage::on($fabric, $own);
    }
}
