<?php

declare(strict_types=1);

namespace Tests\Feature\Stock;

use App\Artwork\Models\Artwork;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Stock\Models\Hardware;
use App\Stock\Queries\Shortages;
use Hakama\Floor\EventKind;
use Hakama\Plan\Shortage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Snaps and rings of made items: chosen by artwork, priced, counted off by what is sewn, ordered before they run out. */
final class HardwareTest extends FeatureTestCase
{
    /** @return array{Batch, Artwork} what is planned of the polos */
    private function planned(): array
    {
        $batch = self::batchOf(self::polos());

        return [$batch, Artwork::query()->findOrFail(self::decoration(self::polos())->artwork_id)];
    }

    #[Test]
    public function each_piece_takes_its_hardware_off_the_shelf_and_a_count_starts_anew(): void
    {
        [$batch, $artwork] = $this->planned();
        $snap = Hardware::query()->where('code', 'SN-4')->firstOrFail();
        $this->put("/artwork/{$artwork->id}/cloth/hardware", ['hardware' => ['SN-4' => '2', 'DR-25' => '']])
            ->assertSessionHas('done');
        $snap->count(20);
        $snap->save();
        self::assertSame(20, Hardware::left()[$snap->id]);

        $pieces = $batch->pieces()->orderBy('pieces.id')->limit(3)->pluck('pieces.id')->all();
        self::tell('M2', $batch, EventKind::PreflightDone);
        foreach ([EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
            self::tell('M2', $batch, $kind, $pieces, 100, 60.0);
        }
        // Three pieces with two each.
        self::assertSame(14, Hardware::left()[$snap->id]);

        // The list shows 14; saved with another name and the same count it is no new count.
        $this->put('/shop/catalogue/hardware/one', ['code' => 'SN-4', 'name' => 'Snap', 'unit_price' => '0.18', 'count' => '14']);
        self::assertSame([20, 14], [(int) $snap->refresh()->counted, Hardware::left()[$snap->id]]);
        // Counted: what was fitted before is of no account any more, though as many lie there as before the first.
        $this->put('/shop/catalogue/hardware/one', ['code' => 'SN-4', 'name' => 'Snap', 'unit_price' => '0.18', 'count' => '20']);
        self::assertSame(20, Hardware::left()[$snap->id]);
    }

    #[Test]
    public function what_open_orders_want_and_is_not_there_has_to_be_ordered(): void
    {
        [, $artwork] = $this->planned();
        $pieces = Piece::query()
            ->whereRelation('decoration', 'artwork_id', $artwork->id)
            ->where('state', '!=', 'done')
            ->count();
        $ring = Hardware::query()->where('code', 'DR-25')->firstOrFail();
        $short = static function (): array {
            app()->forgetScopedInstances();

            return array_values(
                array_filter(
                    app(Shortages::class)->all(),
                    static fn(Shortage $one): bool => $one->of === 'Hardware',
                ),
            );
        };
        self::assertSame([], $short());

        $this->put("/artwork/{$artwork->id}/cloth/hardware", ['hardware' => ['DR-25' => '3']]);
        $ring->count(3 * $pieces - 1);
        $ring->save();
        $found = $short();
        self::assertCount(1, $found);
        self::assertSame('DR-25 Ring, 25 mm', $found[0]->what);
        self::assertEqualsWithDelta(1.0, $found[0]->missing, 1e-9);
    }

    #[Test]
    public function what_is_no_count_is_refused_and_nothing_is_changed(): void
    {
        [, $artwork] = $this->planned();
        foreach (['-1', '201', 'two', '1.5'] as $wrong) {
            $this->put("/artwork/{$artwork->id}/cloth/hardware", ['hardware' => ['SN-4' => $wrong]])
                ->assertSessionHasErrors('hardware.SN-4');
        }
        $this->put("/artwork/{$artwork->id}/cloth/hardware", ['hardware' => ['none' => '1']])
            ->assertSessionHasErrors('hardware');
        self::assertCount(0, $artwork->hardware()->get());
    }

    #[Test]
    public function who_saves_what_somebody_else_changed_meanwhile_is_told(): void
    {
        [, $artwork] = $this->planned();
        $address = "/artwork/{$artwork->id}/cloth";
        preg_match('/name="seen" value="(\w+)">\s*<table id="hardware"/', (string) $this->get($address)->getContent(), $seen);
        $this->put("{$address}/hardware", ['hardware' => ['SN-4' => '2'], 'seen' => $seen[1]])->assertSessionHasNoErrors();
        $this->from($address)
            ->put("{$address}/hardware", ['hardware' => ['DR-25' => '1'], 'seen' => $seen[1]])
            ->assertSessionHasErrors('hardware');
        self::assertSame(['SN-4'], $artwork->hardware()->pluck('code')->all());
        self::assertSame('1', session()->getOldInput('hardware.DR-25'));
        $this->get($address)->assertSee('Somebody else changed this hardware');
    }
}
