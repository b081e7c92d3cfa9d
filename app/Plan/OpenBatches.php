<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Machine;
use App\Models\OrderLine;
use Carbon\CarbonImmutable;
use Hakama\Artwork\Role;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopAction;
use Hakama\Garment\Position;
use Hakama\Setup\Backing\Backing;
use Hakama\Stitch\Bounds;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Reads every batch with pieces still to do: two queries, however many there are. */
final class OpenBatches
{
    /**
     * @param Collection<int, Machine> $machines by id
     *
     * @return list<OpenBatch> in order of arrival
     */
    public static function all(Collection $machines): array
    {
        $open = DB::table('pieces')
            ->whereIn('state', ['waiting', 'sewing'])
            ->groupBy('decoration_id')
            ->select('decoration_id')
            ->selectRaw('count(*) as pieces_left');
        // From the few open pieces outwards, in this very order: left to itself the database starts from thousands of
        // finished orders.
        $rows = DB::query()
            ->fromSub($open, 'open')
            ->selectRaw('straight_join open.pieces_left')
            ->join('batches as b', 'b.decoration_id', '=', 'open.decoration_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->join('customers as c', 'c.id', '=', 'o.customer_id')
            ->join('setups as s', 's.decoration_id', '=', 'd.id')
            ->join('frames as f', 'f.id', '=', 's.frame_id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->orderBy('o.received_at')
            ->orderBy('b.id')
            ->addSelect([
                'b.id',
                'b.code',
                'b.decoration_id',
                'b.rank',
                'b.machine_id',
                'b.fixed_at',
                's.sew_s',
                's.hoop_s',
                's.turn_deg',
                's.speed_spm',
                'f.code as frame',
                'f.count as frame_count',
                'o.id as order_id',
                'o.number',
                'o.received_at',
                'o.due_at',
                'c.name as customer',
                'l.garment',
                'l.style',
                'l.colour_name',
                'd.position',
                'd.artwork_id',
                'a.name as artwork',
                'a.checksum',
                'a.stitches',
                'a.left_mm',
                'a.right_mm',
                'a.bottom_mm',
                'a.top_mm',
                's.backing',
                's.layers',
                's.topper',
                's.needle_size',
                's.needle_point',
            ])
            ->selectRaw('(select count(*) from pieces where pieces.decoration_id = d.id) as pieces_all')
            ->selectRaw('exists (select 1 from floor_events e where e.batch_id = b.id) as started')
            ->get();
        $blocks = self::blocks(array_values(array_unique($rows->pluck('artwork_id')->all())));

        $batches = [];
        foreach ($rows as $row) {
            $sewS = [];
            $heads = 1;
            foreach (json_decode((string) $row->sew_s, true, flags: JSON_THROW_ON_ERROR) as $machineId => $seconds) {
                $machine = $machines[$machineId] ?? null;
                if ($machine !== null) {
                    $sewS[$machine->code] = (int) $seconds;
                    $heads = max($heads, $machine->heads);
                }
            }
            $of = $blocks[$row->artwork_id] ?? [];
            if ($of === []) {
                continue;
            }
            $batches[] = new OpenBatch(
                id: (int) $row->id,
                code: $row->code,
                decorationId: (int) $row->decoration_id,
                machine: $machines[$row->machine_id]->code ?? null,
                rank: $row->rank === null ? null : (int) $row->rank,
                fixedAt: $row->fixed_at === null ? null : CarbonImmutable::parse($row->fixed_at),
                pieces: (int) $row->pieces_all,
                left: (int) $row->pieces_left,
                started: (bool) $row->started,
                sewS: $sewS,
                hoopS: (int) $row->hoop_s,
                framesPerHead: $row->frame_count >= 2 * $heads ? 2 : 1,
                threads: array_column($of, 'code'),
                colours: array_column($of, 'hex'),
                weights: array_map(intval(...), array_column($of, 'weight')),
                blocks: array_map(
                    static fn(object $block): SheetBlock => new SheetBlock(
                        (int) $block->stitches,
                        Role::from($block->proposed_role),
                        Role::tryFrom((string) $block->role),
                        StopAction::tryFrom((string) $block->action),
                        $block->note,
                    ),
                    $of,
                ),
                lengthsMm: array_map(floatval(...), array_column($of, 'length_mm')),
                frame: $row->frame,
                turnDeg: (int) $row->turn_deg,
                speedSpm: (int) $row->speed_spm,
                orderId: (int) $row->order_id,
                orderNumber: (int) $row->number,
                customer: $row->customer,
                receivedAt: CarbonImmutable::parse($row->received_at),
                dueAt: CarbonImmutable::parse($row->due_at),
                garment: OrderLine::label($row->style, $row->garment, $row->colour_name),
                position: Position::from($row->position)->label(),
                artworkId: (int) $row->artwork_id,
                artwork: $row->artwork,
                checksum: $row->checksum,
                stitches: (int) $row->stitches,
                bounds: new Bounds(
                    (float) $row->left_mm,
                    (float) $row->right_mm,
                    (float) $row->bottom_mm,
                    (float) $row->top_mm,
                ),
                backing: sprintf('%d × %s', $row->layers, Backing::from($row->backing)->label()),
                topper: (bool) $row->topper,
                needle: "{$row->needle_size} {$row->needle_point}",
            );
        }

        return $batches;
    }

    /**
     * @param list<int> $artworkIds
     *
     * @return array<int, non-empty-list<object>>
     */
    private static function blocks(array $artworkIds): array
    {
        $blocks = [];
        $rows = DB::table('artwork_blocks as k')
            ->join('threads as t', 't.id', '=', 'k.thread_id')
            ->whereIn('k.artwork_id', $artworkIds)
            ->orderBy('k.artwork_id')
            ->orderBy('k.number')
            ->get([
                'k.artwork_id',
                't.code',
                't.hex',
                't.weight',
                'k.stitches',
                'k.length_mm',
                'k.proposed_role',
                'k.role',
                'k.action',
                'k.note',
            ]);
        foreach ($rows as $row) {
            $blocks[$row->artwork_id][] = $row;
        }

        return $blocks;
    }
}
