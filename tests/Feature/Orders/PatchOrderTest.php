<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Artwork\Patches;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Setup\Queries\PatchCuts;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Patches: to be sewn on or ironed on, as the order says, and all that follows from it. */
final class PatchOrderTest extends FeatureTestCase
{
    private OrderLine $line;

    protected function setUp(): void
    {
        parent::setUp();
        $this->line = self::decoration(self::polos())->line;
        $this->line->update([
            'garment' => Garment::Patch,
            'fabric' => Fabric::Felt,
            'patch_back' => PatchBack::IronedOn,
        ]);
    }

    #[Test]
    public function how_it_is_fixed_is_a_choice_of_the_order_and_of_patches_only(): void
    {
        $line = [
            'fabric' => 'felt',
            'colour_name' => 'moss',
            'colour_hex' => '#4f7043',
            'sizes' => ['one' => 24],
            'decorations' => [['position' => 'centre']],
        ];
        $order = fn(array $lines) => $this->post('/orders', [
            'customer' => 'Canoe school',
            'due_date' => CarbonImmutable::now()->addDays(5)->format('Y-m-d'),
            'due_time' => '16:00',
            'lines' => $lines,
        ]);
        $order([
            ['garment' => 'patch', 'patch_back' => 'ironed_on', ...$line],
            ['garment' => 'patch', ...$line],
            ['garment' => 'apron', 'patch_back' => 'ironed_on', ...$line],
        ])->assertSessionHasNoErrors();
        $entered = Order::query()->latest('id')->firstOrFail();
        self::assertSame([PatchBack::IronedOn, PatchBack::SewnOn, null], $entered->lines->pluck('patch_back')->all());
        $this->get("/orders/{$entered->number}")
            ->assertOk()
            ->assertSee('to be ironed on');
        $this->get("/orders/{$entered->number}/story")
            ->assertOk()
            ->assertSee('How to iron on the patches')
            ->assertSee('Irons burn');
        $order([['garment' => 'patch', 'patch_back' => 'glued', ...$line]])->assertSessionHasErrors(
            'lines.0.patch_back',
        );
    }

    #[Test]
    public function felt_and_film_stand_on_the_cut_list_a_piece_a_sheet(): void
    {
        $batch = self::batchOf(self::polos());
        $box = self::decoration(self::polos())->artwork()->firstOrFail()->bounds();
        $open = self::board()->batches()[$batch->code];
        // Room of 15 mm on each side.
        $cuts = app(PatchCuts::class)->of([$open]);
        self::assertCount(2, $cuts);
        self::assertStringStartsWith('felt', $cuts[0]['what']);
        self::assertSame('iron-on film', $cuts[1]['what']);
        foreach ($cuts as $cut) {
            self::assertSame($open->batch->pieces, $cut['count']);
            self::assertEqualsWithDelta(
                [$box->width() + 30, $box->height() + 30],
                [$cut['widthMm'], $cut['heightMm']],
                1e-9,
            );
        }
        $this->get('/setup/backing')->assertOk()->assertSee('For patches, one piece per sheet')->assertSee('Iron-on film');
        $this->line->update(['patch_back' => PatchBack::SewnOn]);
        self::assertCount(1, app(PatchCuts::class)->of([$open]));
        $this->line->update(['garment' => Garment::Apron]);
        self::assertSame([], app(PatchCuts::class)->of([$open]));
    }

    #[Test]
    public function cutting_out_and_pressing_are_in_the_minutes_of_the_plan(): void
    {
        $artwork = self::decoration(self::polos())->artwork()->firstOrFail();
        $edge = Patches::edgeMm($artwork);
        self::assertGreaterThan($artwork->bounds()->width() + $artwork->bounds()->height(), $edge);
        $s = 45 + $artwork->trims * 2 + $edge / 8 + 40;
        $batch = self::batchOf(self::polos());
        $this->get("/plan/batches/{$batch->code}")
            ->assertOk()
            ->assertSee(round($s).' s a piece');
        app(House::class)->change(['press_side_s' => 60], []);
        app()->forgetScopedInstances();
        $this->get("/plan/batches/{$batch->code}")->assertSee(round($s + 80).' s a piece');
    }
}
