<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\GarmentName;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Orders\Models\Piece;
use App\Plan\BatchBlock;
use App\Plan\BatchDesign;
use App\Plan\BatchSetup;
use App\Plan\OpenBatch;
use App\Plan\OrderedBy;
use App\Plan\Queued;
use App\Plan\SewingFactory;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\Variant;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Thickness;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Plan\BatchJob;
use Hakama\Plan\Fitness;
use Hakama\Plan\FixedStart;
use Hakama\Plan\Promise;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Facts\Item;
use Hakama\Stitch\Bounds;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads every batch with pieces still to do: two queries, however many there are. */
final class OpenBatches
{
    /**
     * @param Collection<int, Machine> $machines by id
     * @param int                      $swapS    to take frames off and put the next on
     * @param int                      $clipS    to clip up a bulky piece, where the machine wants it
     * @param bool                     $preCut   cloth is cut to its shape before it is laid
     * @param Fitness                  $fitness  what is against a batch on a machine
     *
     * @return list<OpenBatch> in order of arrival
     */
    public static function all(
        Collection $machines,
        int $swapS,
        int $clipS,
        bool $preCut,
        Fitness $fitness,
        BlankCounts $counts,
    ): array {
        $open = Piece::query()
            ->open()
            ->groupBy('decoration_id')
            ->select('decoration_id')
            ->selectRaw('count(*) as pieces_left, sum(hoopings) as hoopings_done');
        // From the few open pieces outwards, in this very order: left to itself the database starts from thousands of
        // finished orders.
        $rows = DB::query()
            ->fromSub($open, 'open')
            ->selectRaw('straight_join open.pieces_left, open.hoopings_done')
            ->join('batches as b', 'b.decoration_id', '=', 'open.decoration_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->join('customers as c', 'c.id', '=', 'o.customer_id')
            ->join('setups as s', 's.decoration_id', '=', 'd.id')
            ->join('frames as f', 'f.id', '=', 's.frame_id')
            ->join('artworks as a', 'a.id', '=', 'd.artwork_id')
            ->leftJoin('garment_styles as y', 'y.id', '=', 'l.garment_style_id')
            ->orderBy('o.received_at')
            ->orderBy('b.id')
            ->addSelect([
                'b.id',
                'b.code',
                'b.decoration_id',
                'b.rank',
                'b.machine_id',
                'b.fixed_at',
                's.hoop_s',
                's.turn_deg',
                's.hoopings',
                's.speed_spm',
                'f.code as frame',
                'f.driver',
                'f.kind as frame_kind',
                'f.count as frame_count',
                'o.id as order_id',
                'l.id as line_id',
                'o.number',
                'o.received_at',
                'o.due_at',
                'o.for_event',
                'c.name as customer',
                'c.late_weight',
                'l.garment',
                'l.fabric',
                'y.thickness',
                'l.style',
                'l.colour_name',
                'd.position',
                'd.artwork_id',
                'a.name as artwork',
                'a.checksum',
                'a.copies',
                'a.stitches',
                'a.variant',
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
            ->selectRaw(
                "(select coalesce(json_objectagg(t.machine_id, t.seconds), '{}') from setup_times t
                    where t.setup_id = s.decoration_id) as sew_s",
            )
            ->selectRaw('(select count(*) from pieces where pieces.decoration_id = d.id) as pieces_all')
            ->selectRaw(
                '(select json_arrayagg(json_array(w.number, t.code, t.hex, t.weight)) from colourways w
                    join threads t on t.id = w.thread_id where w.decoration_id = d.id) as ways',
            )
            ->selectRaw(
                '(select json_arrayagg(k.machine_id) from clamp_checks k where k.frame_id = f.id and not k.dropped
                    and not exists (select 1 from clamp_checks n where n.frame_id = k.frame_id
                        and n.machine_id = k.machine_id and n.dropped and n.id > k.id)) as centred',
            )
            ->selectRaw('coalesce(d.split_from_id, d.id) as family')
            ->selectRaw(
                "(select json_arrayagg(p.size) from pieces p where p.decoration_id = d.id and p.state = 'waiting')
                    as waiting",
            )
            ->selectRaw('exists (select 1 from floor_events e where e.batch_id = b.id) as started')
            ->tap(BlankCounts::with(...))
            ->get();
        $lacking = $counts->lacking($rows);
        $blocks = self::blocks(array_values(array_unique($rows->pluck('artwork_id')->all())));

        $batches = [];
        foreach ($rows as $row) {
            [$sewS, $heads] = SewingFactory::onEach(
                array_map(intval(...), json_decode((string) $row->sew_s, true, flags: JSON_THROW_ON_ERROR)),
                $machines,
                Garment::from($row->garment),
                $clipS,
            );
            $of = self::recoloured($blocks[$row->artwork_id] ?? [], self::ways($row->ways));
            if ($of === []) {
                continue;
            }
            $code = $machines[$row->machine_id]->code ?? null;
            $fixedAt = $row->fixed_at === null ? null : Moment::read($row->fixed_at);
            $order = new OrderedBy(
                (int) $row->order_id,
                (int) $row->number,
                $row->customer,
                $row->due_at,
                (int) $row->line_id,
            );
            // What is on a machine already goes on with the blanks that are there.
            $readyAt = (bool) $row->started ? null : $lacking[(int) $row->id]->at;
            $batches[] = new OpenBatch(
                (int) $row->id,
                (int) $row->decoration_id,
                (int) $row->pieces_all,
                (int) $row->pieces_left,
                (int) $row->copies,
                new BatchJob(
                    $row->code,
                    max(
                        1,
                        CopiesPerFrame::frames((int) $row->pieces_left, (int) $row->copies) * (int) $row->hoopings -
                            (int) $row->hoopings_done,
                    ),
                    SewingFactory::sewing(
                        $sewS,
                        $heads,
                        (int) $row->hoop_s,
                        $swapS,
                        (int) $row->frame_count,
                        (int) $row->hoopings,
                        SewingFactory::unfit(
                            self::item($row),
                            (int) $row->pieces_left,
                            $machines,
                            $fitness,
                            self::centred($row),
                        ),
                    ),
                    SewingFactory::equipment(
                        array_map(static fn(BatchBlock $block): string => $block->thread, $of),
                        $row->frame,
                        Driver::from($row->driver),
                        "{$row->needle_size} {$row->needle_point}",
                        "{$row->checksum} {$row->turn_deg}",
                        Garment::from($row->garment),
                        $row->style,
                        $row->variant === Variant::Names->value,
                    ),
                    new Promise(
                        max(ShopClock::seconds(Moment::read($row->received_at)), $readyAt ?? 0),
                        ShopClock::seconds($order->dueAt()),
                        (float) $row->late_weight,
                        (bool) $row->for_event,
                    ),
                    (bool) $row->started,
                    $fixedAt === null || $code === null || (bool) $row->started
                        ? null
                        : new FixedStart($code, ShopClock::seconds($fixedAt)),
                ),
                new Queued($code, $row->rank === null ? null : (int) $row->rank, $fixedAt),
                $order,
                new BatchDesign(
                    (int) $row->artwork_id,
                    $row->artwork,
                    $row->checksum,
                    (int) $row->stitches,
                    new Bounds(
                        (float) $row->left_mm,
                        (float) $row->right_mm,
                        (float) $row->bottom_mm,
                        (float) $row->top_mm,
                    ),
                    $of,
                    $row->variant === Variant::Names->value,
                    $preCut,
                ),
                new BatchSetup(
                    GarmentName::of($row->style, $row->garment, $row->colour_name),
                    Words::say(Position::from($row->position)->label()),
                    (int) $row->turn_deg,
                    (int) $row->speed_spm,
                    sprintf('%d × %s', $row->layers, Words::say(Backing::from($row->backing)->label())),
                    (bool) $row->topper,
                    (int) $row->hoopings,
                    (int) $row->layers,
                ),
                $lacking[(int) $row->id],
            );
        }

        return $batches;
    }

    private static function item(stdClass $row): Item
    {
        return new Item(
            Garment::from($row->garment),
            Position::from($row->position),
            new ClothSpec(Fabric::from($row->fabric), thickness: Thickness::tryFrom((string) $row->thickness)),
        );
    }

    /** @return list<int>|null machines on which the centre of its frame was found; null: it has none to find */
    private static function centred(stdClass $row): ?array
    {
        if (! FrameKind::from($row->frame_kind)->hasCentreToFind()) {
            return null;
        }
        /** @var list<int> $found */
        $found = $row->centred === null ? [] : json_decode($row->centred, true, flags: JSON_THROW_ON_ERROR);

        return array_map(intval(...), $found);
    }

    /**
     * What was kept of the threads of a decoration that are not the artwork's own.
     *
     * @return array<int, array{string, string, int}> block => code, colour and weight
     */
    private static function ways(?string $kept): array
    {
        $ways = [];
        /** @var list<array{int, string, string, int}> $rows */
        $rows = $kept === null ? [] : json_decode($kept, true, flags: JSON_THROW_ON_ERROR);
        foreach ($rows as [$number, $code, $hex, $weight]) {
            $ways[(int) $number] = [$code, $hex, (int) $weight];
        }

        return $ways;
    }

    /**
     * @param list<BatchBlock>                        $blocks
     * @param array<int, array{string, string, int}> $threads by block, from 1
     *
     * @return list<BatchBlock>
     */
    private static function recoloured(array $blocks, array $threads): array
    {
        return array_values(
            array_map(
                static fn(BatchBlock $block, int $i): BatchBlock => isset($threads[$i + 1])
                    ? $block->in(...$threads[$i + 1])
                    : $block,
                $blocks,
                array_keys($blocks),
            ),
        );
    }

    /**
     * @param list<int> $artworkIds
     *
     * @return array<int, non-empty-list<BatchBlock>>
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
                'k.also',
                'k.note',
                'k.cloth_id',
            ]);
        foreach ($rows as $row) {
            $blocks[$row->artwork_id][] = new BatchBlock(
                $row->code,
                $row->hex,
                (int) $row->weight,
                (float) $row->length_mm,
                new SheetBlock(
                    (int) $row->stitches,
                    BlockRole::from($row->proposed_role),
                    BlockRole::tryFrom((string) $row->role),
                    StopAction::tryFrom((string) $row->action),
                    $row->note,
                    (float) $row->length_mm,
                    StopAction::read($row->also),
                ),
                $row->cloth_id === null ? null : (int) $row->cloth_id,
            );
        }

        return $blocks;
    }
}
