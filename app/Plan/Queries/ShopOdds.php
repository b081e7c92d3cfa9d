<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\StateHash;
use App\Plan\OpenBatch;
use App\Shop\Figure;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Error;
use Hakama\Books\Entry;
use Hakama\House\HouseRule;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\Logged;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\PromiseOdds;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\Timetable;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;

/** How likely the shop's promises are kept, with its own spreads where it has logged enough. One a request. */
final class ShopOdds
{
    /** So many batches are replayed in all before a page has waited too long. */
    private const REPLAYED = 8000;
    private const RUNS = [100, 1000];
    /** Odds move slowly: they are worked out anew after so many seconds, or when the plan changes. */
    private const HOLDS_S = 600;
    private const KEPT = 'odds';
    private const LOGGED_DAYS = 60;
    private const LOGGED_HOLDS_S = 3600;
    /** A share of spoiled pieces wants more pieces than this. */
    private const LEAST_PIECES = 300;

    private ?Odds $inForce = null;

    public function __construct(
        private readonly House $house,
        private readonly PlanBoard $board,
        private readonly SewnDays $sewn,
    ) {}

    /**
     * Of the plan in force, by batch and by order number.
     *
     * @param bool $waits whoever asks wants those of this moment; else it has the last ones where there are many batches
     */
    public function inForce(bool $waits = false): Odds
    {
        $plan = $this->board->timetable();
        $workload = $plan->workload;
        $key = StateHash::of([
            intdiv($workload->now, self::HOLDS_S),
            $plan->sequence->batches,
            array_map(
                static fn(OpenBatch $batch): array => [$batch->left, $batch->batch->promise->dueAt],
                $this->board->batches(),
            ),
            array_map(static fn(Lane $lane): array => $lane->hours->spans, array_values($workload->lanes)),
            array_map(static fn(FrameStock $frame): int => $frame->count, array_values($workload->frames)),
            $workload->hands,
            $this->spread(),
            array_map(static fn(OpenBatch $batch): int => $batch->blanksShort(), $this->board->batches()),
            $this->house->rules()->value(HouseRule::PromiseKept),
        ]);

        return $this->inForce ??= $this->kept($plan, $key, $waits);
    }

    /** The last that were found, where a page would wait for those of this moment: they are found behind it. */
    private function kept(Timetable $plan, string $key, bool $waits): Odds
    {
        try {
            /** @var array{key: string, odds: Odds}|null $kept */
            $kept = Cache::get(self::KEPT);
        } catch (Error) {
            // What an earlier version kept is another thing.
            $kept = null;
        }
        $find = function () use ($plan, $key): Odds {
            $odds = $this->of($plan);
            Cache::put(self::KEPT, ['key' => $key, 'odds' => $odds], self::HOLDS_S);

            return $odds;
        };
        if ($kept !== null && $kept['key'] === $key) {
            return $kept['odds'];
        }
        if ($kept === null || $waits || count($plan->placed) <= config('shop.odds_found_at_once')) {
            return $find();
        }
        App::terminating(static function () use ($find): void {
            // One at a time: whoever comes meanwhile has the last ones too.
            Cache::lock(self::KEPT.'.find', 60)->get($find);
        });

        return $kept['odds'];
    }

    /** Of any plan of this shop: the same batch meets the same luck in each. */
    public function of(Timetable $plan): Odds
    {
        $orders = [];
        foreach ($this->board->batches() as $code => $batch) {
            $orders[$batch->order->number][] = $code;
        }
        // Of what is short of blanks no odds are given: they would be those of a delivery.
        $short = [];
        foreach ($this->board->batches() as $code => $batch) {
            if ($batch->blanksShort() > 0) {
                $short[] = $code;
                unset($orders[$batch->order->number]);
            }
        }

        return Odds::of(
            $plan,
            $this->spread(),
            $this->runs($plan),
            share: $this->share(),
            orders: $orders,
        )->without($short);
    }

    /**
     * Of some batches of a plan, taken as one order.
     *
     * @param list<string>              $batches
     * @param array<array-key, int>     $stitches batch => of a piece, of those that are not the shop's yet
     */
    public function together(Timetable $plan, array $batches, array $stitches): PromiseOdds
    {
        return Odds::of(
            $plan,
            $this->spread($stitches),
            $this->runs($plan),
            share: $this->share(),
            orders: ['these' => $batches],
        )->orders['these'];
    }

    private function runs(Timetable $plan): int
    {
        [$least, $most] = self::RUNS;

        return max($least, min($most, intdiv(self::REPLAYED, max(1, count($plan->placed)))));
    }

    private function share(): float
    {
        return $this->house->rules()->value(HouseRule::PromiseKept) / 100;
    }

    /** @param array<array-key, int> $stitches batch => of a piece, beside those of the shop's batches */
    public function spread(array $stitches = []): Spread
    {
        $rules = $this->house->rules();
        [$sewCv, $spoiled] = $this->logged();

        return new Spread(
            $sewCv ?? $rules->value(HouseRule::SewSpread) / 100,
            $rules->value(HouseRule::HoopSpread) / 100,
            $rules->value(HouseRule::ChangeoverSpread) / 100,
            $rules->value(HouseRule::BreakRate),
            $rules->value(HouseRule::BreakTime),
            $stitches +
                array_map(static fn(OpenBatch $batch): int => $batch->design->stitches, $this->board->batches()),
            $spoiled ?? $rules->value(HouseRule::SpoiledPieces) / 100,
            isCounted: true,
        );
    }

    /** Whose figures the spreads are. */
    public function source(): string
    {
        [$sewCv, $spoiled, $runs, $pieces] = $this->logged();

        return __('plan.shop_odds.sewing_times_vary_by_of_pieces', ['value' => $sewCv === null
                ? __('plan.shop_odds.the_house_rule_of_runs_logged', ['runs' => $runs, 'value' => Logged::LEAST])
                : __('plan.shop_odds.in_runs_of_this_shop', [
                    'value' => Figure::words(100 * $sewCv),
                    'runs' => $runs,
                ]), 'value_2' => $spoiled === null ? __('plan.shop_odds.the_house_rules_share') : Figure::words(100 * $spoiled, 1).' %', 'value_3' => $spoiled === null ? ' '.__('plan.shop_odds.of_pieces_logged', [
                    'pieces' => $pieces,
                    'value' => self::LEAST_PIECES,
                ]) : __('plan.shop_odds.of_all', ['pieces' => $pieces])]);
    }

    /**
     * @return array{float|null, float|null, int, int} spread of real over planned sewing, share of pieces spoiled, and
     *     how many runs and pieces they come from; null where that is too few
     */
    private function logged(): array
    {
        return Cache::remember('odds-logged', self::LOGGED_HOLDS_S, function (): array {
            $today = CarbonImmutable::today();
            $entries = $this->sewn->entries($today->subDays(self::LOGGED_DAYS), $today->subDay());
            $ratios = new Logged(
                array_values(
                    array_filter(
                        array_map(static fn(Entry $entry): ?float => $entry->overPlan(), $entries),
                        static fn(?float $ratio): bool => $ratio !== null && $ratio > 0,
                    ),
                ),
            );
            $spoiled = array_sum(array_map(static fn(Entry $entry): int => $entry->spoiledPieces(), $entries));
            $pieces = $spoiled + array_sum(array_map(static fn(Entry $entry): int => $entry->done, $entries));

            return [$ratios->cv(), $pieces < self::LEAST_PIECES ? null : $spoiled / $pieces, $ratios->count(), $pieces];
        });
    }
}
