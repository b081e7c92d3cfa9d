<?php

declare(strict_types=1);

namespace App\Floor\Bench;

use App\Floor\Log\FloorLog;
use App\Floor\Models\BatchProgress;
use App\Floor\Queries\Board;
use App\Foundation\Words\KeptText;
use App\Foundation\Words\Words;
use App\Orders\Models\Piece;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\KeptPlacement;
use App\Setup\Models\Setup;
use App\Stock\Models\BackingCut;
use Hakama\Floor\PieceState;
use Hakama\Garment\Size;
use Hakama\House\HouseRules;

/**
 * What is hooped next at the bench, size by size: first for the machine that will stand first, then for the batches after.
 */
final readonly class HoopingBench
{
    /** So many batches of each machine are looked ahead. */
    private const AHEAD = 2;

    /** @param list<BenchRow> $rows */
    private function __construct(public array $rows) {}

    public static function of(PlanBoard $board, HouseRules $rules): self
    {
        $batches = self::batches($board, $rules);
        $ids = array_map(static fn(array $one): int => $one[1]->decorationId, $batches);
        $hooped = BatchProgress::query()
            ->whereIn('batch_id', array_map(static fn(array $one): int => $one[1]->id, $batches))
            ->pluck('hooped')
            ->flatten()
            ->map(intval(...))
            ->all();
        $waiting = Piece::query()
            ->whereIn('decoration_id', $ids)
            ->where('state', PieceState::Waiting)
            ->whereNotIn('id', $hooped)
            ->orderBy('id')
            ->get(['id', 'decoration_id', 'size', 'number'])
            ->groupBy('decoration_id');
        $setups = Setup::query()
            ->with(['frame', 'decoration.line'])
            ->findMany($ids)
            ->keyBy('decoration_id');
        $cut = BackingCut::query()
            ->whereIn('batch_id', array_map(static fn(array $one): int => $one[1]->id, $batches))
            ->get()
            ->keyBy('batch_id');
        $free = FloorLog::freeFrames();
        $kept = self::kept(array_values($setups->all()));
        $rows = [];
        foreach ($batches as [$machine, $open, $when, $isOn]) {
            $setup = $setups[$open->decorationId] ?? null;
            if ($setup === null) {
                continue;
            }
            $bySize = ($waiting[$open->decorationId] ?? collect())->groupBy('size')->all();
            uksort($bySize, static fn(string $a, string $b): int => self::rank($a) <=> self::rank($b));
            foreach ($bySize as $size => $pieces) {
                $peg =
                    $kept["{$setup->decoration->garmentKey()} {$setup->decoration->position->value} {$size}"] ?? null;
                $rows[] = new BenchRow(
                    $machine,
                    $open,
                    (string) $size,
                    array_values($pieces->pluck('id')->map(intval(...))->all()),
                    KeptText::said($setup->placements[$size] ?? ''),
                    new BenchFrame(
                        $setup->frame->code,
                        max(0, $free[$setup->frame->code] ?? 0),
                        $setup->hoop_s,
                    ),
                    $cut[$open->id] ?? null,
                    $peg,
                    $when,
                    $isOn,
                );
            }
        }

        return new self($rows);
    }

    /** The row that was chosen, or the first. */
    public function chosen(string $batch, string $size): ?BenchRow
    {
        foreach ($this->rows as $row) {
            if ($row->batch->code === $batch && $row->size === $size) {
                return $row;
            }
        }

        return $this->rows[0] ?? null;
    }

    /**
     * The batch each machine is at, in the order in which machines want something hooped; then those after them.
     *
     * @return list<array{string, OpenBatch, string, bool}> machine, batch, by when in words, whether the machine is at it
     */
    private static function batches(PlanBoard $board, HouseRules $rules): array
    {
        $order = $when = [];
        foreach (Board::of($board, $rules)->acts as $nth => $act) {
            if (! $act->isHooping) {
                continue;
            }
            $order[$act->machine] ??= $nth;
            $when[$act->machine] ??= Words::say($act->when());
        }
        $batches = [];
        foreach ($board->machines() as $machine) {
            foreach (array_slice($board->sequence()->on($machine->code), 0, self::AHEAD) as $nth => $code) {
                $batches[] = [
                    [$nth, $order[$machine->code] ?? PHP_INT_MAX, $machine->code],
                    [
                        $machine->code,
                        $board->batches()[$code],
                        $nth === 0 ? $when[$machine->code] ?? '' : '',
                        $nth === 0,
                    ],
                ];
            }
        }
        usort($batches, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($batches, 1);
    }

    /**
     * @param list<Setup> $setups
     *
     * @return array<string, KeptPlacement> garment, position and size => the place that was found once
     */
    private static function kept(array $setups): array
    {
        // Of several along a tube each has a place of its own, and which one this is is not looked up here: better none
        // than that of another.
        return KeptPlacement::query()
            ->where('motif', 0)
            ->whereIn('garment', array_map(static fn(Setup $one): string => $one->decoration->garmentKey(), $setups))
            ->get()
            ->keyBy(static fn(KeptPlacement $one): string => "{$one->garment} {$one->position} {$one->size}")
            ->all();
    }

    private static function rank(string $size): int
    {
        return (int) array_search($size, array_column(Size::cases(), 'value'), true);
    }
}
