<?php

declare(strict_types=1);

namespace App\Stock\Queries;

use App\Foundation\Clock\ShopClock;
use App\Plan\Awaited;
use App\Plan\MaterialHolds;
use App\Plan\Queries\PlanBoard;
use App\Setup\Queries\BackingCuts;
use App\Shop\Deliveries;
use App\Shop\House;
use App\Stock\Actions\StockBook;
use App\Stock\BackingName;
use App\Stock\Models\ExpectedGoods;
use App\Stock\Models\Thread;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;

/** Which batches begin after their thread or backing has run out, by the plan in force, and when more of it comes. */
final readonly class MaterialMissing implements MaterialHolds
{
    private Deliveries $deliveries;

    public function __construct(
        private PlanBoard $board,
        private House $house,
        private BackingCuts $backing,
        private StockBook $stock,
    ) {
        $this->deliveries = new Deliveries($house);
    }

    public function awaited(): array
    {
        $expected = ExpectedGoods::query()
            ->get()
            ->mapWithKeys(static fn(ExpectedGoods $one): array => ["{$one->of} {$one->what}" => $one->expected_on]);
        $awaited = [];
        foreach ($this->missing() as [$code, $of, $key, $what]) {
            $one = $this->comes($of, $what, $expected["{$of} {$key}"] ?? null);
            $awaited[$code] = isset($awaited[$code]) && $awaited[$code]->at >= $one->at ? $awaited[$code] : $one;
        }

        return $awaited;
    }

    private function comes(string $of, string $what, ?CarbonImmutable $day): Awaited
    {
        $at = $day === null ? null : $this->deliveries->on($day->format('Y-m-d'));
        if ($at !== null && $at > ShopClock::now()) {
            return new Awaited($what, $at, true);
        }
        $days = $this->stock->supplier($of)['lead_days'] ?? $this->house->rules()->value(HouseRule::LeadDays);

        return new Awaited($what, $this->deliveries->within($days), false);
    }

    /** @return iterable<array{string, string, string, string}> batch, kind, what it is known by, and in words */
    private function missing(): iterable
    {
        $threads = Thread::query()->with('cones')->get();
        $names = $threads->pluck('name', 'code');
        foreach (WantedThread::of($this->board, $this->house, $threads)->forecast->unmet as $demand) {
            if ($demand->at !== PHP_INT_MAX) {
                yield [$demand->for, 'Thread', $demand->thread, trim("{$demand->thread} {$names[$demand->thread]}")];
            }
        }
        $wants = $this->backing->wants();
        foreach (array_keys($this->backing->list(array_column($wants, 0))->short) as $code) {
            $want = $wants[$code][0];
            yield [(string) $code, 'Backing', BackingName::key($want), BackingName::words($want)];
        }
    }
}
