<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Artwork\Models\Artwork;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Setup\Models\LearnedFactor;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\RunTime;
use Hakama\Setup\Facts\Item;
use Illuminate\Database\Eloquent\Collection;

/** How long a load of each setup sews on each machine, and is hooped. */
final class SetupTimes
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var array<string, float>|null machine and cloth => real over reckoned */
    private ?array $learned = null;

    /** @var array<string, float> what is alike => seconds of a load as they are reckoned */
    private array $runs = [];

    public function __construct(private readonly House $house) {}

    /** Rules, machines or tapes are others now. */
    public function forget(): void
    {
        $this->machines = $this->learned = null;
        $this->runs = [];
    }

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
                // Many setups are of one artwork, and many machines of one make.
                $alike = serialize([$artwork->id, $speedSpm, $handsS, $machine->speedCurve(), $machine->workingHeads()]);
                $run = $this->runs[$alike] ??= RunTime::of(
                    $artwork->coreLengths(),
                    $artwork->changes,
                    $artwork->trims,
                    $speedSpm,
                    $machine->speedCurve(),
                    $this->house->rules()->runTime(),
                    $artwork->variant === Variant::Names ? 1 : $machine->workingHeads(),
                    $handsS,
                )->seconds();
                $load = (int) round($this->learned($machine, $fabric) * $run);
                $seconds[$machine->id] =
                    $artwork->variant === Variant::Names ? $this->oneHead($load, $machine->workingHeads()) : $load;
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
                    $hoop[] = (new Item($garment, $position, new ClothSpec($fabric)))->hoopS($rules);
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

    /** Where each piece has a name of its own, one head sews what otherwise all do, with a swap between. */
    private function oneHead(int $seconds, int $heads): int
    {
        return $heads * $seconds + ($heads - 1) * (int) $this->house->rules()->value(HouseRule::SwapTime);
    }
}
