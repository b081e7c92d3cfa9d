<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Frame;
use App\Models\Machine;
use App\Models\Setup;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRule;
use Hakama\Machine\RunTime;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** How long a load of each setup sews on each machine. */
final class SetupTimes
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;

    public function __construct(private readonly House $house) {}

    /** @return array<int, int> machine id => seconds a load sews; only machines with the frame's driver */
    public function of(Artwork $artwork, int $speedSpm, Frame $frame): array
    {
        $this->machines ??= Machine::query()->get();
        $seconds = [];
        $handsS = $artwork->stopSheet($this->house->rules()->isPreCut())->handsS($this->house->rules()->halts());
        foreach ($this->machines as $machine) {
            if (in_array($frame->driver->value, $machine->drivers, true)) {
                $load = (int) round(
                    RunTime::of(
                        $artwork->coreLengths(),
                        $artwork->changes,
                        $artwork->trims,
                        $speedSpm,
                        $machine->speedCurve(),
                        $this->house->rules()->runTime(),
                        $artwork->variant === Variant::Names ? 1 : $machine->heads,
                        $handsS,
                    )->seconds(),
                );
                $seconds[$machine->id] =
                    $artwork->variant === Variant::Names ? $this->oneHead($load, $machine->heads) : $load;
            }
        }

        return $seconds;
    }

    /** Where each piece has a name of its own, one head sews what otherwise all do, with a swap between. */
    private function oneHead(int $seconds, int $heads): int
    {
        return $heads * $seconds + ($heads - 1) * (int) $this->house->rules()->value(HouseRule::SwapTime);
    }

    /** Works out anew how long every open setup sews, or those of one artwork, after what it follows from changed. */
    public function retime(?int $artworkId = null): void
    {
        $open = Setup::query()
            ->with(['frame', 'decoration.artwork.blocks'])
            ->when(
                $artworkId !== null,
                static fn($setups) => $setups->whereHas(
                    'decoration',
                    static fn($decoration) => $decoration->where('artwork_id', $artworkId),
                ),
            )
            ->whereHas('decoration.pieces', static fn(Builder $pieces) => $pieces->open())
            ->get();
        foreach ($open as $setup) {
            assert($setup->decoration->artwork !== null);
            $setup->update([
                'sew_s' => $this->of($setup->decoration->artwork, $setup->speed_spm, $setup->frame),
            ]);
        }
    }
}
