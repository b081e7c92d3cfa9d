<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Frame;
use App\Models\LearnedFactor;
use App\Models\Machine;
use App\Models\Setup;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\Garment\Cloth;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\RunTime;
use Hakama\Setup\Facts\Item;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** How long a load of each setup sews on each machine, and is hooped. */
final class SetupTimes
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var array<string, float>|null machine and cloth => real over reckoned */
    private ?array $learned = null;

    public function __construct(private readonly House $house) {}

    /**
     * @param Fabric $fabric it is sewn on: what was learned of it on each machine counts
     *
     * @return array<int, int> machine id => seconds a load sews; only machines with the frame's driver
     */
    public function of(Artwork $artwork, int $speedSpm, Frame $frame, Fabric $fabric): array
    {
        $this->machines ??= Machine::query()->get();
        $seconds = [];
        $handsS = $artwork->stopSheet($this->house->rules()->isPreCut())->handsS($this->house->rules()->halts());
        foreach ($this->machines as $machine) {
            if (in_array($frame->driver->value, $machine->drivers, true)) {
                $load = (int) round(
                    $this->learned($machine, $fabric) *
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

    /** Whatever house rules have to do with how long a load takes: other rules that leave this as it is change no time. */
    public static function inputs(HouseRules $rules): string
    {
        $hoop = [];
        foreach (Garment::cases() as $garment) {
            foreach (Position::cases() as $position) {
                foreach (Fabric::cases() as $fabric) {
                    $hoop[] = (new Item($garment, $position, new Cloth($fabric)))->hoopS($rules);
                }
            }
        }

        return serialize([
            $rules->runTime(),
            $rules->halts(),
            $rules->isPreCut(),
            $rules->value(HouseRule::SwapTime),
            $hoop,
        ]);
    }

    private function learned(Machine $machine, Fabric $fabric): float
    {
        $this->learned ??= LearnedFactor::query()
            ->where('factor', '!=', 1)
            ->get()
            ->mapWithKeys(
                static fn(LearnedFactor $one): array => ["{$one->machine_id} {$one->fabric->value}" => $one->factor],
            )
            ->all();

        return $this->learned["{$machine->id} {$fabric->value}"] ?? 1.0;
    }

    /** Something else is learned now. */
    public function forgetLearned(): void
    {
        $this->learned = null;
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
            ->with(['frame', 'decoration.artwork.blocks', 'decoration.line'])
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
            $line = $setup->decoration->line;
            $setup->update([
                'hoop_s' => (new Item($line->garment, $setup->decoration->position, new Cloth($line->fabric)))->hoopS(
                    $this->house->rules(),
                ),
                'sew_s' => $this->of($setup->decoration->artwork, $setup->speed_spm, $setup->frame, $line->fabric),
            ]);
        }
    }
}
