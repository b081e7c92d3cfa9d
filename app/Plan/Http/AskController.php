<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
use App\Orders\Models\Customer;
use App\Plan\AskedWay;
use App\Plan\Estimate;
use App\Plan\Http\Requests\AskPlan;
use App\Plan\Models\Proposal;
use App\Plan\Queries\Consequence;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Shop\Figure;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Equipment;
use Hakama\Plan\Promise;
use Hakama\Plan\Soonest;
use Hakama\Plan\Timetable;
use Illuminate\Contracts\View\View;

/** When could it be ready, and what if: questions that leave the plan as it is. */
final readonly class AskController
{
    private const ASKED = 'asked';

    public function __construct(private ShopOdds $odds) {}

    public function show(AskPlan $request, PlanBoard $board, Estimate $estimate): View
    {
        $answers = [];
        if ($request->stitches() !== null) {
            $frame = $board->frames()->firstOrFail('code', $request->frame());
            $answers = $this->answers(
                $board,
                $estimate->sewing($board, $request->stitches(), $request->colours(), $frame),
                $estimate->equipment($request->colours(), $frame),
                $request,
            );
        } elseif ($request->like() !== null) {
            $model = $board->workload()->batches[$request->like()];
            $answers = $this->answers(
                $board,
                $model->sewing,
                $model->equipment,
                $request,
            );
        }

        $canBook = $request->stitches() === null && $answers !== [];

        return view('plan.ask', [
            'board' => $board,
            'answers' => $answers,
            'asked' => $request->only('like', 'pieces', 'due', 'stitches', 'colours', 'sewn_in'),
            'canBook' => $canBook,
            'customers' => $canBook ? Customer::query()->orderBy('name')->limit(200)->pluck('name') : [],
            'proposals' => Proposal::query()
                ->whereNotNull('what_if')
                ->whereNot('state', 'left')
                ->orderByDesc('id')
                ->limit(12)
                ->get(),
        ]);
    }

    /**
     * A batch that is not there, put in everywhere it could go.
     *
     * @return list<array{AskedWay, string, bool}> at whose cost, what the plan says to it, and whether it is possible
     */
    private function answers(PlanBoard $board, BatchSewing $sewing, Equipment $equipment, AskPlan $request): array
    {
        $workload = $board->workload();
        $due = $request->dueAt();
        $batch = new BatchJob(
            self::ASKED,
            $request->pieces(),
            $sewing,
            $equipment,
            new Promise($workload->now, $due ?? PHP_INT_MAX >> 8),
        );
        $with = $workload->with([...array_values($workload->batches), $batch]);
        $soonest = Soonest::of(Timetable::of($with, $board->sequence()), self::ASKED);
        $said = $promises = [];
        foreach (AskedWay::cases() as $way) {
            $option = $way->of($soonest);
            if ($option !== null) {
                // Two ways may come to the same place.
                $promises[$option->machine][$option->rank] ??= $this->promise(
                    Timetable::of($with, $option->sequence),
                    $due,
                );
            }
            $said[] = [
                $way,
                $option === null
                    ? __('plan.ask_controller.not_possible_no_machine_has_room')
                    : Consequence::asked($option, $due).
                        ' '.
                        $promises[$option->machine][$option->rank],
                $option !== null,
            ];
        }

        return $said;
    }

    /** When it may be promised, and how likely a time that is wanted is kept. */
    private function promise(Timetable $plan, ?int $due): string
    {
        $odds = $this->odds->of($plan)->batches[self::ASKED] ?? null;

        return $odds === null
            ? ''
            : ($due === null ? '' : __('plan.ask_controller.on_time', ['kept' => Figure::odds($odds->kept)]).' ').
                    ($odds->promise === null
                        ? __('plan.ask_controller.no_time_in_the_planned_days')
                        : __('plan.ask_controller.promise', [
                            'promise' => Dates::dayTime(ShopClock::time($odds->promise)),
                        ]));
    }
}
