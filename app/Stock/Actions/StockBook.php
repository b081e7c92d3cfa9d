<?php

declare(strict_types=1);

namespace App\Stock\Actions;

use App\Foundation\Clock\Moment;
use App\Foundation\Database\Tally;
use App\Foundation\Database\Transaction;
use App\Foundation\Database\TurnCache;
use App\Foundation\StateHash;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use App\Stock\Models\StockCount;
use App\Stock\Models\Supplier;
use App\Stock\Queries\Bolts;
use App\Stock\Reserved;
use App\Stock\StockKind;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Hakama\Setup\Backing\Film;
use Hakama\Thread\ThreadUse;
use Illuminate\Support\Facades\DB;

/** Bobbins and film: what was counted, less what was used since, and what planned batches will take. */
final class StockBook
{
    private const KEPT = 'stock-kept';

    /**
     * @var array{
     *     counts: array<string, array{amount: float, who: string, at: string}>,
     *     suppliers: array<string, array{name: string, lead_days: float|null}>
     * }|null
     */
    private ?array $rows = null;

    /** @var list<Reserved>|null */
    private ?array $reserved = null;

    public function __construct(
        private readonly PlanBoard $board,
        private readonly House $house,
        private readonly Bolts $bolts,
        private readonly TurnCache $kept,
    ) {}

    /**
     * @return array{
     *     counts: array<string, array{amount: float, who: string, at: string}>,
     *     suppliers: array<string, array{name: string, lead_days: float|null}>
     * } of each kind the last count; by what is ordered who supplies it
     */
    private function rows(): array
    {
        return $this->rows ??= $this->kept->get(
            self::KEPT,
            static fn(): array => [
                'counts' => StockCount::query()
                    ->whereIn('id', StockCount::query()->groupBy('kind')->selectRaw('max(id)'))
                    ->get()
                    ->keyBy('kind')
                    ->map(
                        static fn(StockCount $one): array => [
                            'amount' => $one->amount,
                            'who' => $one->who,
                            'at' => Moment::write($one->counted_at),
                        ],
                    )
                    ->all(),
                'suppliers' => Supplier::query()
                    ->get()
                    ->keyBy('of')
                    ->map(static fn(Supplier $one): array => ['name' => $one->name, 'lead_days' => $one->lead_days])
                    ->all(),
            ],
        );
    }

    /** @return array{amount: float, who: string, at: CarbonImmutable}|null what was counted last; null where nothing was */
    public function counted(StockKind $kind): ?array
    {
        $count = $this->rows()['counts'][$kind->value] ?? null;

        return $count === null ? null : [...$count, 'at' => Moment::read($count['at'])];
    }

    /** @return array{name: string, lead_days: float|null} of thread, backing, blanks, bobbins or film */
    public function supplier(string $of): array
    {
        return $this->rows()['suppliers'][$of] ?? ['name' => '', 'lead_days' => null];
    }

    /** Other suppliers have another sign: a change made looking at older ones is seen as such. */
    public function suppliersSign(): string
    {
        return StateHash::of($this->rows()['suppliers']);
    }

    /** Counts are added; the last one holds. */
    public function count(StockKind $kind, float $amount, string $who): void
    {
        Transaction::run(
            static fn() => StockCount::query()->create([
                'kind' => $kind->value,
                'amount' => $amount,
                'who' => mb_substr($who, 0, 40),
                'counted_at' => CarbonImmutable::now(),
            ]),
        );
        $this->rows = null;
    }

    /** @param list<array{of: string, name: string, lead_days: float|null}> $rows */
    public function supply(array $rows): void
    {
        Transaction::run(static fn() => Supplier::query()->upsert($rows, ['of'], ['name', 'lead_days']));
        $this->rows = null;
    }

    /** What should be there now; null where it was never counted. */
    public function left(StockKind $kind): ?float
    {
        $count = $this->counted($kind);

        return $count === null ? null : $count['amount'] - $this->used($kind, $count['at']);
    }

    private function used(StockKind $kind, CarbonImmutable $since): float
    {
        $events = DB::table('floor_events as e')->where('e.recorded_at', '>', $since);

        return match ($kind) {
            StockKind::Bobbins => (float) $events->where('e.kind', EventKind::BobbinChanged->value)->count(),
            StockKind::Film => $events
                ->join('batches as b', 'b.id', '=', 'e.batch_id')
                ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
                ->join('setups as s', 's.decoration_id', '=', 'd.id')
                ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
                ->where('s.topper', true)
                ->whereIn('e.kind', Tally::kinds())
                ->groupBy('a.id', 'a.copies', 'a.left_mm', 'a.right_mm', 'a.bottom_mm', 'a.top_mm')
                ->selectRaw('a.right_mm - a.left_mm as width_mm, a.top_mm - a.bottom_mm as height_mm')
                ->selectRaw('('.Tally::done('e').' + '.Tally::spoiled('e').') / greatest(1, a.copies) as frames')
                ->get()
                ->sum(
                    static fn(object $one): float => (float) $one->frames *
                        self::filmM2((float) $one->width_mm, (float) $one->height_mm),
                ),
        };
    }

    private static function filmM2(float $widthMm, float $heightMm): float
    {
        return Film::cm2($widthMm, $heightMm) / 10_000;
    }

    /** @return list<Reserved> what every open batch will take, in the order in which they are sewn */
    public function reserved(): array
    {
        if ($this->reserved !== null) {
            return $this->reserved;
        }
        $timetable = $this->board->timetable();
        $factors = $this->house->rules()->threadUse();
        $perBobbin = $this->house->rules()->value(HouseRule::BobbinHolds);
        $cloth = $this->bolts->byBatch();
        $reserved = [];
        foreach ($this->board->batches() as $code => $batch) {
            [$top, $bobbin] = [0.0, 0.0];
            foreach ($batch->design->blocks as $block) {
                $use = ThreadUse::of($block->lengthMm, $block->sheet->stitches, $factors)->share(
                    1 / $batch->setup->hoopings,
                );
                $top += $use->topM;
                $bobbin += $use->bobbinM;
            }
            $frames = $batch->batch->pieces;
            $reserved[] = new Reserved(
                (string) $code,
                $timetable->find((string) $code)?->changeoverStart,
                $batch->left,
                $frames * $batch->setup->layers,
                $frames * $top,
                ($frames * $bobbin) / $perBobbin,
                $batch->setup->topper ? ($frames / $batch->setup->hoopings) * $this->film($batch) : 0.0,
                $cloth[$code] ?? 0.0,
            );
        }
        usort(
            $reserved,
            static fn(Reserved $a, Reserved $b): int => [$a->at ?? PHP_INT_MAX, $a->batch] <=> [
                $b->at ?? PHP_INT_MAX,
                $b->batch,
            ],
        );

        return $this->reserved = $reserved;
    }

    private function film(OpenBatch $batch): float
    {
        return self::filmM2($batch->design->bounds->width(), $batch->design->bounds->height());
    }
}
