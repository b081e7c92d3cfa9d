<?php

declare(strict_types=1);

namespace App\Floor;

use App\Clock\ShopClock;
use App\FloorLog\FloorLog;
use App\Models\Machine;
use App\Plan\PlanBoard;
use Carbon\CarbonImmutable;
use Hakama\Floor\Act;
use Hakama\Floor\Acts;
use Hakama\Floor\MachineNow;
use Hakama\Floor\Stage;
use Hakama\Machine\Copies;

/** All machines at once, to be read from across the room; and what hands are wanted for, in the order that keeps them sewing. */
final readonly class Board
{
    /**
     * @param list<array{station: Station, now: MachineNow|null, ends: CarbonImmutable|null, next: Act|null}> $rows
     * @param list<Act> $acts
     */
    private function __construct(public array $rows, public array $acts) {}

    public static function of(PlanBoard $board): self
    {
        $rows = $machines = [];
        $placed = [];
        foreach ($board->timetable()->placed as $one) {
            $placed[$one->batch->id] = $one;
        }
        foreach ($board->machines() as $machine) {
            $station = Station::of($machine, $board);
            $ends = isset($placed[$station->running->batch->code ?? ''])
                ? ShopClock::time($placed[$station->running->batch->code]->end())
                : null;
            $now = $station->running === null ? null : self::now($machine, $station->running, $ends);
            if ($now !== null) {
                $machines[] = $now;
            }
            $rows[] = ['station' => $station, 'now' => $now, 'ends' => $ends, 'next' => null];
        }
        $acts = Acts::of($machines);
        foreach ($rows as $i => $row) {
            foreach ($acts as $act) {
                if ($act->machine === $row['station']->machine->code) {
                    $rows[$i]['next'] = $act;
                    break;
                }
            }
        }

        return new self($rows, $acts);
    }

    private static function now(Machine $machine, Running $running, ?CarbonImmutable $ends): MachineNow
    {
        $open = $running->batch;
        $sewS = (float) ($open->batch->sewing->sewS[$machine->code] ?? 0);
        $share = $running->stitches() > 0 ? $running->stitch / $running->stitches() : 0.0;
        $copies = $open->copies;
        $due = $open->order->dueAt;

        return new MachineNow(
            $machine->code,
            $running->run->stage,
            $running->run->load->haltedBy,
            $running->run->stage === Stage::Sewing ? max(0.0, $sewS * (1 - $share)) : 0.0,
            Copies::frames(count($running->run->hooped), $copies),
            $open->design->named ? 1 : $machine->heads,
            Copies::frames($running->run->waiting(), $copies),
            max(0, FloorLog::freeFrames($open->batch->equipment->frame)),
            (float) $open->batch->sewing->hoopS,
            $ends === null ? 0.0 : max(0.0, $due->diffInMinutes($ends, false)),
        );
    }
}
