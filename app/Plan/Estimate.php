<?php

declare(strict_types=1);

namespace App\Plan;

use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Machine\RunTime;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Equipment;
use Hakama\Plan\Skill;

/** How long an artwork would sew of which nobody has a tape yet, from its stitches and colours. */
final readonly class Estimate
{
    public function __construct(private House $house) {}

    public function sewing(PlanBoard $board, int $stitches, int $colours, Frame $frame): BatchSewing
    {
        $rules = $this->house->rules();
        $isCap = $frame->driver === Driver::Cap;
        $seconds = [];
        foreach ($board->machines() as $machine) {
            if (in_array($frame->driver->value, $machine->drivers, true)) {
                $seconds[$machine->code] = $this->seconds($machine, $stitches, $colours, $isCap);
            }
        }
        $most = max([1, ...$board->machines()->map(static fn(Machine $machine): int => $machine->workingHeads())->all()]);

        return new BatchSewing(
            $seconds,
            (int) $rules->value($isCap ? HouseRule::CapHoopTime : HouseRule::HoopTime),
            (int) $rules->value(HouseRule::SwapTime),
            $frame->count >= 2 * $most ? 2 : 1,
        );
    }

    /** Its threads are on no machine: that is the careful guess. */
    public function equipment(int $colours, Frame $frame): Equipment
    {
        return new Equipment(
            array_map(static fn(int $colour): string => __('plan.estimate.its_colour', [
                'colour' => $colour,
            ]), range(1, max(1, $colours))),
            $frame->code,
            skills: array_column(Skill::wantedBy($frame->driver, false), 'value'),
        );
    }

    private function seconds(Machine $machine, int $stitches, int $colours, bool $isCap): int
    {
        $rules = $this->house->rules();

        return (int) round(
            RunTime::about(
                $stitches,
                $colours,
                $rules->value($isCap ? HouseRule::CapSpeed : HouseRule::Speed),
                $machine->speedCurve(),
                $rules->runTime(),
                $machine->workingHeads(),
            )->seconds(),
        );
    }
}
