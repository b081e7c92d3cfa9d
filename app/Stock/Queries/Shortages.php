<?php

declare(strict_types=1);

namespace App\Stock\Queries;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\GarmentName;
use App\Orders\Models\Piece;
use App\Plan\Queries\BlankCounts;
use App\Plan\Queries\PlanBoard;
use App\Setup\Queries\BackingCuts;
use App\Shop\House;
use App\Stock\Actions\StockBook;
use App\Stock\BackingName;
use App\Stock\Models\Thread;
use App\Stock\Reserved;
use App\Stock\StockKind;
use Hakama\House\HouseRule;
use Hakama\Plan\RunsOut;
use Hakama\Plan\Shortage;
use Illuminate\Support\Facades\DB;

/** Of what less is there than is planned: thread, backing, blanks, bobbins, film, cloth to lay on. */
final readonly class Shortages
{
    public function __construct(
        private PlanBoard $board,
        private House $house,
        private BackingCuts $backing,
        private StockBook $stock,
        private Bolts $bolts,
        private HardwareShelf $hardware,
    ) {}

    /** @return list<Shortage> what has to be ordered first comes first */
    public function all(): array
    {
        return Shortage::sorted([
            ...$this->thread(),
            ...$this->cloth(),
            ...$this->blanks(),
            ...$this->counted(),
            ...$this->bolts(),
            ...$this->hardware(),
        ]);
    }

    /** @return list<Shortage> */
    private function thread(): array
    {
        $threads = Thread::query()->with('cones')->orderBy('code')->get();
        $forecast = WantedThread::of($this->board, $this->house, $threads)->forecast;
        $names = $threads->pluck('name', 'code');
        $short = [];
        foreach ($forecast->short as $code => $demand) {
            $short[] = $this->short(
                'Thread',
                trim("{$code} ".($names[$code] ?? '')),
                -$forecast->left[$code],
                'm',
                (string) $demand->for,
                $demand->at === PHP_INT_MAX ? null : $demand->at,
                (string) $code,
            );
        }

        return $short;
    }

    /** @return list<Shortage> pieces of backing, by kind and size */
    private function cloth(): array
    {
        $wants = $this->backing->wants();
        $missing = $this->backing->list(array_column($wants, 0))->short;
        $by = [];
        foreach ($wants as $code => [$want, $at]) {
            if (($missing[$code] ?? 0) > 0) {
                $what = BackingName::words($want);
                $by[$what] ??= [0, (string) $code, ShopClock::seconds($at), BackingName::key($want)];
                $by[$what][0] += $missing[$code];
            }
        }
        $short = [];
        foreach ($by as $what => [$pieces, $code, $at, $key]) {
            $unit = __('common.counts.pieces_unit', ['count' => $pieces]);
            $short[] = $this->short('Backing', $what, $pieces, $unit, $code, $at, $key);
        }

        return $short;
    }

    /** @return list<Shortage> garments of which fewer are there than are wanted, and nobody has said when more come */
    private function blanks(): array
    {
        $counts = new BlankCounts($this->house);
        // Of an order that is done nothing is missing any more.
        $open = Piece::query()->open()->distinct()->pluck('order_id')->all();
        $lines = BlankCounts::with(
            DB::table('order_lines as l')
                ->join('orders as o', 'o.id', '=', 'l.order_id')
                ->whereIntegerInRaw('o.id', $open)
                ->whereNull('o.cancelled_at')
                ->select('o.number', 'l.style', 'l.garment', 'l.colour_name'),
        )->get();
        $starts = [];
        foreach ($this->board->timetable()->placed as $placed) {
            $number = $this->board->batches()[$placed->batch->id]->order->number;
            $starts[$number] = min($starts[$number] ?? PHP_INT_MAX, $placed->start());
        }
        $short = [];
        foreach ($lines as $line) {
            $missing = $counts->of($line)->unknown(ShopClock::now());
            if ($missing > 0) {
                $short[] = $this->short(
                    'Blanks',
                    GarmentName::of($line->style, $line->garment, $line->colour_name),
                    $missing,
                    __('stock.shortages.garments', ['count' => $missing]),
                    __('stock.shortages.order', ['number' => (string) $line->number]),
                    $starts[$line->number] ?? null,
                );
            }
        }

        return $short;
    }

    /** @return list<Shortage> of what is counted on the shelf */
    private function counted(): array
    {
        $short = [];
        foreach (StockKind::cases() as $kind) {
            $left = $this->stock->left($kind);
            $out = $left === null
                ? null
                : RunsOut::of(
                    $left,
                    array_map(
                        static fn(Reserved $one): array => [$one->batch, $one->at, $one->of($kind)],
                        $this->stock->reserved(),
                    ),
                );
            if ($out !== null) {
                $short[] = $this->short(
                    $kind->label(),
                    $kind === StockKind::Film ? __('stock.shortages.to_lay_on_top') : __('stock.shortages.wound_or_bought'),
                    $out->missing,
                    $kind->unit(),
                    $out->for,
                    $out->wanted,
                );
            }
        }

        return $short;
    }

    /** @return list<Shortage> cloth that is laid on */
    private function bolts(): array
    {
        $short = [];
        foreach ($this->bolts->all() as $bolt) {
            $out = RunsOut::of($bolt->leftMm, $bolt->wanted);
            if ($out !== null) {
                $what = __('stock.shortages.mm_wide', [
                    'code' => $bolt->code,
                    'name' => $bolt->name,
                    'width_mm' => $bolt->widthMm,
                ]);
                $short[] = $this->short('Cloth', $what, $out->missing, 'mm', $out->for, $out->wanted);
            }
        }

        return $short;
    }

    /** @return list<Shortage> what is fitted to made items */
    private function hardware(): array
    {
        return array_map(
            fn(array $one): Shortage => $this->short(
                'Hardware',
                "{$one[0]->code} {$one[0]->name}",
                $one[1]->missing,
                __('common.counts.pieces_unit', ['count' => (int) $one[1]->missing]),
                $one[1]->for,
                $one[1]->wanted,
            ),
            $this->hardware->short(),
        );
    }

    private function short(
        string $of,
        string $what,
        float $missing,
        string $unit,
        string $for,
        ?int $wanted,
        string $key = '',
    ): Shortage {
        $supplier = $this->stock->supplier($of);

        return Shortage::of(
            $of,
            $what,
            $missing,
            $unit,
            $for,
            $wanted,
            $supplier['lead_days'] ?? $this->house->rules()->value(HouseRule::LeadDays),
            $supplier['name'],
            $key,
        );
    }
}
