<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Transaction;
use App\Machine\Models\Frame;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\Setup;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use App\Stock\Models\BackingCut;
use App\Stock\Models\BackingStock;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Placed;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Backing\BackingSupply;
use Hakama\Setup\Backing\CutList;
use Hakama\Setup\Backing\CutWant;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Backing\StockForm;

/** What backing is to be cut for what is planned, and the shelf it is cut from. */
final readonly class BackingCuts
{
    public function __construct(
        private House $house,
        private PlanBoard $board,
        private Catalogue $catalogue,
    ) {}

    /** @return list<BackingSupply> */
    public static function shelf(): array
    {
        return array_values(
            BackingStock::query()
                ->orderBy('kind')
                ->orderBy('id')
                ->get()
                ->map(static fn(BackingStock $stock): BackingSupply => $stock->toCore())
                ->all(),
        );
    }

    /**
     * Everything that is planned and not cut yet, in the order in which it is sewn.
     *
     * @return array<string, array{CutWant, CarbonImmutable}> batch => what it wants, and when its changeover begins
     */
    public function wants(): array
    {
        // Of what waits: what was cut for ten years of finished batches is not looked at.
        $open = array_map(static fn(OpenBatch $batch): int => $batch->id, $this->board->batches());
        $cut = BackingCut::query()
            ->whereIntegerInRaw('batch_id', array_values($open))
            ->pluck('batch_id')
            ->flip();
        $placed = array_filter(
            $this->board->timetable()->placed,
            static fn(Placed $one): bool => ! isset($cut[$open[$one->batch->id]]),
        );
        usort(
            $placed,
            static fn(Placed $a, Placed $b): int => [$a->changeoverStart, $a->batch->id] <=> [
                $b->changeoverStart,
                $b->batch->id,
            ],
        );
        $setups = Setup::query()
            ->findMany(
                array_map(fn(Placed $one): int => $this->board->batches()[$one->batch->id]->decorationId, $placed),
            )
            ->keyBy('decoration_id');
        $frames = $this->catalogue->frames()->keyBy('id');
        $rules = $this->house->rules();
        $pieces = $frames->map(static fn(Frame $frame): BackingPiece => BackingPiece::of($frame->toCore(), $rules));
        $wants = [];
        foreach ($placed as $one) {
            $batch = $this->board->batches()[$one->batch->id];
            $setup = $setups[$batch->decorationId] ?? null;
            $piece = $setup === null ? null : $pieces[$setup->frame_id] ?? null;
            if ($setup === null || $piece === null) {
                continue;
            }
            $wants[$batch->code] = [
                CutWant::of(
                    $batch->code,
                    new Layers($setup->backing, $setup->layers),
                    $piece,
                    $batch->batch->pieces,
                    $rules->value(HouseRule::BackingSpoilage) / 100,
                    2 * ($rules->value(HouseRule::BackingOverlap) - $rules->value(HouseRule::BackingLeast)),
                    $setup->backing_gsm === null
                        ? null
                        : $setup->backing_gsm * (1 - $rules->value(HouseRule::BackingLighter) / 100),
                ),
                ShopClock::time($one->changeoverStart),
            ];
        }

        return $wants;
    }

    /** @param list<CutWant> $wants */
    public function list(array $wants): CutList
    {
        return CutList::of($wants, self::shelf(), $this->house->rules()->value(HouseRule::OffCutLeast));
    }

    /**
     * The backing of one batch is cut: the shelf is less by it, and its off-cuts lie there. Done twice it is done once.
     *
     * @return bool whether it was cut now
     */
    public function cut(string $code, string $who): bool
    {
        return Transaction::run(function () use ($code, $who): bool {
            // One pair of scissors at the shelf at a time.
            $want = ($this->wants()[$code] ?? [null])[0];
            if ($want === null) {
                return false;
            }
            $list = $this->list([$want]);
            foreach ($list->left as $stock) {
                if (ctype_digit($stock->id)) {
                    BackingStock::query()
                        ->whereKey((int) $stock->id)
                        ->update(['length_mm' => $stock->lengthMm, 'count' => $stock->count]);
                } else {
                    self::add($stock);
                }
            }
            BackingCut::query()->create([
                'batch_id' => $this->board->batches()[$code]->id,
                'who' => $who,
                'pieces' => $want->count - ($list->short[$code] ?? 0),
                'cut_at' => CarbonImmutable::now(),
            ]);

            return true;
        });
    }

    /** Puts backing on the shelf; pieces of a size that lies there already are counted to it. */
    public static function add(BackingSupply $stock): void
    {
        $same =
            $stock->form === StockForm::Roll
                ? null
                : BackingStock::query()
                    ->where('kind', $stock->kind->value)
                    ->where('form', $stock->form->value)
                    ->where('width_mm', $stock->widthMm)
                    ->where('length_mm', $stock->lengthMm)
                    ->where('gsm', $stock->gsm)
                    ->first();
        if ($same !== null) {
            $same->update(['count' => $same->count + $stock->count]);

            return;
        }
        BackingStock::query()->create([
            'kind' => $stock->kind->value,
            'form' => $stock->form->value,
            'width_mm' => $stock->widthMm,
            'length_mm' => $stock->lengthMm,
            'count' => $stock->count,
            'gsm' => $stock->gsm,
        ]);
    }
}
