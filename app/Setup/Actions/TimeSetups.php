<?php

declare(strict_types=1);

namespace App\Setup\Actions;

use App\Orders\Models\Piece;
use App\Setup\Models\Setup;
use App\Setup\Models\SetupTime;
use App\Setup\Queries\SetupTimes;
use App\Shop\House;
use Hakama\Garment\ClothSpec;
use Hakama\Setup\Facts\Item;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Keeps how long a load of each open setup sews on each machine, and is hooped: in a few statements, however many. */
final readonly class TimeSetups
{
    private const ROWS = 2000;
    private const NEEDED = ['frame', 'decoration.artwork.blocks', 'decoration.line'];

    public function __construct(private SetupTimes $times, private House $house) {}

    public function all(): void
    {
        $this->keep(self::open()->get());
    }

    public function ofArtwork(int $artworkId): void
    {
        $this->keep(
            self::open()
                ->whereHas('decoration', static fn($decoration) => $decoration->where('artwork_id', $artworkId))
                ->get(),
        );
    }

    public function of(Setup $setup): void
    {
        $this->keep(Setup::query()->with(self::NEEDED)->whereKey($setup->decoration_id)->get());
    }

    /** @return Builder<Setup> */
    private static function open(): Builder
    {
        // The open ones are few: named one by one, the database goes by them instead of through all that were ever sewn.
        $open = Piece::query()->open()->distinct()->pluck('decoration_id')->all();

        return Setup::query()->with(self::NEEDED)->whereIntegerInRaw('decoration_id', $open);
    }

    /** @param Collection<int, Setup> $setups */
    private function keep(Collection $setups): void
    {
        $this->times->forget();
        $rows = $hooped = [];
        foreach ($setups as $setup) {
            $decoration = $setup->decoration;
            assert($decoration->artwork !== null);
            $line = $decoration->line;
            $hoopS = (new Item($line->garment, $decoration->position, new ClothSpec($line->fabric)))->hoopS(
                $this->house->rules(),
            );
            if ($hoopS !== $setup->hoop_s) {
                $hooped[$hoopS][] = $setup->decoration_id;
            }
            $seconds = $this->times->of($decoration->artwork, $setup->speed_spm, $setup->frame, $line->fabric);
            foreach ($seconds as $machine => $one) {
                $rows[] = ['setup_id' => $setup->decoration_id, 'machine_id' => $machine, 'seconds' => $one];
            }
        }
        // As many times as there are kinds of garments, not of setups.
        foreach ($hooped as $hoopS => $ids) {
            Setup::query()->whereKey($ids)->update(['hoop_s' => $hoopS]);
        }
        foreach ($setups->pluck('decoration_id')->chunk(self::ROWS) as $ids) {
            SetupTime::query()->whereIn('setup_id', $ids)->delete();
        }
        foreach (array_chunk($rows, self::ROWS) as $some) {
            SetupTime::query()->insert($some);
        }
    }
}
