<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Clock\ShopClock;
use App\Models\Proposal;
use App\Plan\Consequence;
use App\Plan\PlanBoard;
use Hakama\Plan\Batch;
use Hakama\Plan\Equipment;
use Hakama\Plan\Options;
use Hakama\Plan\Promise;
use Hakama\Plan\Sewing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** When could it be ready, and what if: questions that leave the plan as it is. */
final class AskController
{
    private const ASKED = 'asked';

    public function show(Request $request, PlanBoard $board): View
    {
        $request->validate(
            [
                'like' => ['nullable', Rule::in(array_keys($board->batches()))],
                'pieces' => ['nullable', 'integer', 'between:1,2000'],
                'due' => ['nullable', 'date'],
            ],
            [
                'like.*' => 'Choose one of the batches.',
                'pieces.*' => 'How many pieces is 1 to 2000.',
                'due.*' => 'Write the day and the time.',
            ],
        );
        $answers = [];
        if ($request->filled('like')) {
            $answers = $this->answers(
                $board,
                $request->string('like')->value(),
                $request->integer('pieces', 1),
                $request->filled('due')
                    ? ShopClock::seconds($request->date('due')?->toImmutable() ?? now()->toImmutable())
                    : null,
            );
        }

        return view('plan.ask', [
            'board' => $board,
            'answers' => $answers,
            'asked' => $request->only('like', 'pieces', 'due'),
            'proposals' => Proposal::query()
                ->whereNotNull('what_if')
                ->whereNot('state', 'left')
                ->orderByDesc('id')
                ->limit(12)
                ->get(),
        ]);
    }

    /**
     * A batch like one that is there, put in everywhere it could go.
     *
     * @return list<array{string, string}> the question, and what the plan says to it
     */
    private function answers(PlanBoard $board, string $like, int $pieces, ?int $due): array
    {
        $workload = $board->workload();
        $model = $workload->batches[$like];
        $batch = new Batch(
            self::ASKED,
            $pieces,
            new Sewing(
                $model->sewing->sewS,
                $model->sewing->hoopS,
                $model->sewing->swapS,
                $model->sewing->framesPerHead,
            ),
            new Equipment(
                $model->equipment->threads,
                $model->equipment->frame,
                needle: $model->equipment->needle,
                design: $model->equipment->design,
            ),
            new Promise($workload->now, $due ?? PHP_INT_MAX >> 8),
        );
        $options = Options::of(
            $workload->with([...array_values($workload->batches), $batch]),
            $board->sequence(),
            self::ASKED,
        );
        $said = [];
        foreach (
            [
                'Without moving anything else' => $options->soonestBehind(),
                'Moving others, and keeping every promise' => $options->soonestKeepingPromises(),
                'As a rush, whatever it pushes' => $options->soonestAtAll(),
            ] as $question => $option
        ) {
            $said[] = [
                $question,
                $option === null
                    ? 'It cannot be: no machine has a place for it in the days that are planned.'
                    : Consequence::asked($option, $due),
            ];
        }

        return $said;
    }
}
