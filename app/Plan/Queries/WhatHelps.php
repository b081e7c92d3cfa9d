<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Words\Words;
use Hakama\Plan\BatchJob;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Skill;
use Hakama\Plan\Soonest;
use Hakama\Plan\Timetable;
use Hakama\Plan\Wait;
use Hakama\Plan\WhatIf;
use Hakama\Plan\Workload;

/** What would make a promise safer, each with the share in which it would be kept then. */
final readonly class WhatHelps
{
    /** Less than this is not worth a person's while. */
    private const WORTH = 0.02;

    public function __construct(private PlanBoard $board, private ShopOdds $odds) {}

    /** @return list<array{string, float}> what, and the share in which it is kept then; the most first */
    public function with(Placed $placed): array
    {
        $kept = $this->odds->inForce()->batches[$placed->batch->id]->kept;
        $helps = [];
        foreach ($this->ways($placed) as $what => [$workload, $sequence]) {
            $then = $this->odds->of(Timetable::of($workload, $sequence))->batches[$placed->batch->id]->kept ?? 0.0;
            if ($then >= $kept + self::WORTH) {
                $helps[] = [$what, $then];
            }
        }
        usort($helps, static fn(array $a, array $b): int => $b[1] <=> $a[1]);

        return $helps;
    }

    /** @return iterable<string, array{Workload, Sequence}> */
    private function ways(Placed $placed): iterable
    {
        $workload = $this->board->workload();
        $sequence = $this->board->sequence();
        $frame = $placed->batch->equipment->frame;
        if ($placed->wait === Wait::Frames) {
            $set = $workload->lanes[$placed->machine]->heads * $placed->batch->sewing->framesPerHead;

            yield __('plan.what_helps.a_second_set_of_frame', ['frame' => $frame, 'set' => $set]) => [
                (new WhatIf(frames: [$frame => $set]))->of($workload),
                $sequence,
            ];
        }
        if ($placed->wait === Wait::Hands) {
            yield __('plan.what_helps.one_more_machine_tended') => [(new WhatIf(hands: 1))->of($workload), $sequence];
        }
        foreach ($placed->wait === Wait::Able ? $placed->batch->equipment->skills : [] as $skill) {
            yield __('plan.what_helps.somebody_more_may_do_alone', ['skill' => Words::say(Skill::from($skill)->words())]) => [
                $workload->staffed($workload->people->trained($skill)),
                $sequence,
            ];
        }
        if ($placed->batch->promise->readyAt > $placed->changeoverStart + $placed->changeoverS) {
            $batch = $this->board->batches()[$placed->batch->id];
            $what = $batch->waitsForMaterial()
                ? __('plan.what_helps.material_here_now', ['what' => (string) $batch->awaited?->what])
                : __('plan.what_helps.blanks_here_now_order_them_earlier');

            yield $what => [$this->ready($placed->batch), $sequence];
        }
        if (! $placed->batch->alreadySetUp) {
            $option = Soonest::of($this->board->timetable(), $placed->batch->id)->keeping;
            if ($option !== null && $option->end < $placed->end()) {
                $what = $option->after() === null
                    ? __('plan.what_helps.moved_to_front', ['machine' => $option->machine])
                    : __('plan.what_helps.moved_to', ['machine' => $option->machine, 'batch' => $option->after()]);

                yield $what => [$workload, $option->sequence];
            }
        }
    }

    private function ready(BatchJob $batch): Workload
    {
        $workload = $this->board->workload();

        return $workload->with(
            array_values(
                array_map(
                    static fn(BatchJob $one): BatchJob => $one->id === $batch->id
                        ? $one->promised($one->promise->ready($workload->now))
                        : $one,
                    $workload->batches,
                ),
            ),
        );
    }
}
