<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Artwork\Models\Artwork;
use App\Artwork\Patches;
use App\Artwork\Queries\ClothBill;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Orders\Models\Order;
use App\Orders\Queries\OrderRow;
use App\Shop\House;
use App\Stock\Models\Cloth;
use App\Stock\Models\Thread;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRules;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class DemoTest extends FeatureTestCase
{
    #[Test]
    public function the_workroom_has_three_machines_of_different_size(): void
    {
        $machines = Machine::query()->orderBy('id')->get();

        self::assertSame([15, 6, 12], $machines->pluck('needles')->all());
        self::assertSame([1, 1, 2], $machines->pluck('heads')->all());
        self::assertContains('cap', $machines[0]->drivers);
        self::assertSame(33, DB::table('needles')->count());
    }

    #[Test]
    public function it_has_forty_threads_ten_frames_and_eight_artworks_of_two_to_forty_five_thousand_stitches(): void
    {
        self::assertSame(40, Thread::query()->count());
        self::assertSame(10, Frame::query()->count());
        $stitches = Artwork::query()
            ->whereNull('family_id')
            ->whereNotIn('name', ['Applied leaf', 'Harbour at dusk', 'Ferry badge'])
            ->where('variant', '!=', Variant::Names)
            ->orderBy('stitches')
            ->pluck('stitches')
            ->all();
        self::assertCount(8, $stitches);
        self::assertSame(
            ['Ringers’ bell, cap', 'Ferry badge, sheet of 6'],
            Artwork::query()->whereNotNull('family_id')->orderBy('id')->pluck('name')->all(),
        );
        self::assertSame(
            [BlockRole::Placement, BlockRole::TackDown, BlockRole::Cover, BlockRole::Sew],
            Artwork::query()->where('name', 'Applied leaf')->firstOrFail()->blocks()->pluck('proposed_role')->all(),
        );
        self::assertGreaterThanOrEqual(2000, $stitches[0]);
        self::assertGreaterThan(40_000, $stitches[7]);
        self::assertLessThanOrEqual(45_000, $stitches[7]);
    }

    #[Test]
    public function every_artwork_is_kept_as_a_tape_that_reads_to_the_figures_shown(): void
    {
        // A list of names has the time and thread of the average name, not of the one that is drawn.
        foreach (Artwork::query()->where('variant', '!=', Variant::Names)->get() as $artwork) {
            self::assertTrue(Storage::exists($artwork->tapePath()));
            $figures = \Hakama\Stitch\Figures\PatternFigures::of($artwork->pattern(), HouseRules::of()->measuring());
            self::assertSame(
                [$artwork->stitches, $artwork->trims, $artwork->changes],
                [$figures->counts->stitches, $figures->counts->trims, $figures->counts->changes],
            );
            self::assertSame($artwork->checksum, hash('sha256', (string) Storage::get($artwork->tapePath())));
            self::assertEqualsWithDelta($figures->lengths->totalMm(), $artwork->coreLengths()->totalMm(), 1e-6);
            self::assertEquals($figures->hull->bounds(), $artwork->coreHull()->bounds());
            self::assertSame(count($figures->blocks), $artwork->blocks()->count());
        }
    }

    #[Test]
    public function badges_come_six_to_a_sheet_and_a_picture_has_three_cloths(): void
    {
        $sheet = Artwork::query()->where('name', 'Ferry badge, sheet of 6')->firstOrFail();
        $badge = Artwork::query()->where('name', 'Ferry badge')->firstOrFail();
        self::assertSame([6, 6 * $badge->stitches], [$sheet->copies, $sheet->stitches]);
        self::assertSame([], app(Patches::class)->obstacles($badge), 'it can be cut out');
        self::assertEqualsWithDelta(Patches::edgeMm($badge), Patches::edgeMm($sheet), 3.0);
        $harbour = Artwork::query()->with('blocks')->where('name', 'Harbour at dusk')->firstOrFail();
        $bill = ClothBill::of($harbour, app(House::class));
        self::assertSame(
            ['W-11', 'W-10', 'L-02'],
            array_values(array_map(static fn(?Cloth $cloth): ?string => $cloth?->code, $bill->cloths)),
        );
        self::assertNotNull($bill->savedS, 'all of them may be trimmed at one stop');
        $this->get("/artwork/{$harbour->id}/cloth")
            ->assertOk()
            ->assertSee('Have ready, in this order')
            ->assertSee('W-11 Wool felt, cream, piece 1')
            ->assertSee('no web: spray lightly')
            ->assertSee('fuse web to the back: iron, cool, peel');
    }

    #[Test]
    public function orders_stand_at_every_stage(): void
    {
        $orders = Order::query()->with('customer')->get()->all();
        self::assertCount(27, $orders);
        $states = array_count_values(
            array_map(static fn(OrderRow $row): string => $row->words(), OrderRow::of($orders, self::board())),
        );

        foreach (['done', 'on the machine', 'planned', 'not planned yet'] as $state) {
            self::assertGreaterThan(0, $states[$state] ?? 0, $state);
        }
        $waiting = app(\App\Orders\Queries\StationCounts::class)->waiting();
        foreach (['orders', 'artwork', 'setup', 'needles', 'floor', 'books'] as $station) {
            self::assertGreaterThan(0, $waiting[$station], $station);
        }
    }

    #[Test]
    public function every_setup_fits_its_frame_and_every_batch_its_machine(): void
    {
        $desk = app(\App\Setup\Queries\DecorationSetups::class);
        foreach (
            \App\Setup\Models\Setup::query()
                ->with(['frame', 'decoration.artwork', 'decoration.line'])
                ->get() as $setup
        ) {
            self::assertTrue(
                $desk->fit($setup->decoration, $setup->frame, \Hakama\Stitch\Turn::from($setup->turn_deg))->fits(),
                $setup->frame->code,
            );
        }
        $board = self::board();
        foreach ($board->timetable()->placed as $placed) {
            self::assertNull($board->workload()->obstacle($placed->batch, $board->workload()->lanes[$placed->machine]));
        }
        self::assertSame([], $board->timetable()->unplaced);
    }

    #[Test]
    public function the_demo_is_loaded_once_and_never_over_a_shop(): void
    {
        $this->artisan('shop:demo', ['--when-empty' => true])->assertSuccessful();
        $this->artisan('shop:demo')->assertFailed();
        self::assertSame(3, Machine::query()->count());
    }

    #[Test]
    public function tokens_are_kept_as_hashes_only(): void
    {
        $this->artisan('shop:machines')
            ->expectsOutputToContain('M1 '.\Database\Demo\DemoShop::token('M1'))
            ->assertSuccessful();
        foreach (Machine::query()->get() as $machine) {
            self::assertSame(hash('sha256', \Database\Demo\DemoShop::token($machine->code)), $machine->token_hash);
            self::assertArrayNotHasKey('token_hash', $machine->toArray());
        }
    }
}
