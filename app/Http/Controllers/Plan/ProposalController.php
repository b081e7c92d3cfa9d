<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Calendar\Calendar;
use App\Http\Requests\Plan\TakeProposal;
use App\Jobs\FindPlan;
use App\Models\Proposal;
use App\Plan\Chart\PlanChart;
use App\Plan\Chart\Zoom;
use App\Plan\Comparison;
use App\Plan\PlanBoard;
use App\Plan\PlanChanges;
use App\Plan\PlanMovedOn;
use App\Plan\WhatIfForm;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Sequence;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** Plans that are looked for beside the one in force, in the shop as it is or as it might be. */
final class ProposalController
{
    public function store(Request $request, House $house): RedirectResponse
    {
        $request->validate(
            [
                'machine' => ['nullable', Rule::exists('machines', 'code')],
                'until' => ['nullable', 'required_with:machine', 'date', 'after:now', 'before:+60 days'],
                'hands' => ['nullable', 'integer', 'between:-20,20', 'required_with:from,to'],
                'from' => ['nullable', 'date'],
                'to' => ['nullable', 'date', 'after:now', ...$request->filled('from') ? ['after:from'] : []],
                'frame' => ['nullable', Rule::exists('frames', 'code')],
                'frames' => ['nullable', 'required_with:frame', 'integer', 'between:-50,50'],
                'iterations' => ['nullable', 'integer', 'between:100,5000000'],
            ],
            [
                'machine.*' => 'Choose one of the machines.',
                'until.required_with' => 'Say until when it is down.',
                'until.*' => 'Until when is a time to come, within two months.',
                'hands.required_with' => 'Say how many machines more, or fewer, can be tended then.',
                'from.*' => 'Say from when, or leave it empty.',
                'to.*' => 'Until when is a time to come, after it begins, or empty.',
                'hands.*' => 'How many machines more or fewer is a whole number, at most 20.',
                'frame.*' => 'Choose one of the frames.',
                'frames.*' => 'Say how many more or fewer frames, at most 50.',
                'iterations.*' => 'Between 100 and 5 000 000 changes.',
            ],
        );
        $whatIf = array_filter([
            'down' => $request->filled('machine')
                ? [
                    $request->string('machine')->value() => CarbonImmutable::parse(
                        $request->string('until')->value(),
                    )->toDateTimeString(),
                ]
                : [],
            'hands' => $request->integer('hands'),
            'from' => $request->date('from')?->toDateTimeString(),
            'to' => $request->date('to')?->toDateTimeString(),
            'frames' => $request->filled('frame')
                ? [$request->string('frame')->value() => $request->integer('frames')]
                : [],
        ]);
        $proposal = Proposal::query()->create([
            'state' => 'waiting',
            'what_if' => $whatIf === [] ? null : $whatIf,
            'version' => PlanBoard::version(),
            'seed' => 1 + (int) Proposal::query()->max('id'),
            'iterations' => $request->integer('iterations') ?: (int) $house->rules()->value(HouseRule::SearchChanges),
            'asked_at' => CarbonImmutable::now(),
        ]);
        FindPlan::dispatch($proposal->id);

        return redirect()->route('plan.proposal', $proposal);
    }

    public function show(Request $request, Proposal $proposal, PlanBoard $board, Calendar $calendar): View|Response
    {
        if ($request->headers->has('HX-Request') && ! $proposal->isSearching()) {
            // It is found: the whole page has something else to say now.
            return (new Response(''))->header('HX-Refresh', 'true');
        }
        $sheet = [
            'proposal' => $proposal,
            'words' => WhatIfForm::words($proposal->what_if ?? []),
            'version' => PlanBoard::version(),
        ];
        if ($proposal->state === 'ready' || $proposal->state === 'taken' || $proposal->state === 'left') {
            $comparison = Comparison::of(
                $board,
                new Sequence($proposal->sequence ?? []),
                WhatIfForm::read($proposal->what_if ?? []),
                $calendar->work()->people(),
            );
            $zoom = Zoom::tryFrom($request->string('zoom')->value()) ?? Zoom::Week;
            $sheet += [
                'comparison' => $comparison,
                'board' => $board,
                'chart' => PlanChart::of(
                    $board,
                    $comparison->then,
                    $calendar->work(),
                    $zoom,
                    max(0, min(60, $request->integer('day'))),
                ),
            ];
        }

        return view($request->headers->has('HX-Request') ? 'plan.progress' : 'plan.proposal', $sheet);
    }

    /** It stops at the next chance, and keeps the best it has found. */
    public function stop(Proposal $proposal): RedirectResponse
    {
        $proposal->update(['stop' => true]);

        return redirect()->route('plan.proposal', $proposal);
    }

    public function take(TakeProposal $request, Proposal $proposal, PlanChanges $changes): RedirectResponse
    {
        $codes = $request->codes();
        if ($proposal->state !== 'ready') {
            return redirect()
                ->route('plan.proposal', $proposal)
                ->with('problem', 'This proposal is not to be had any more; nothing was changed.');
        }
        try {
            $changes->take(new Sequence($proposal->sequence ?? []), $codes, $request->integer('version'));
        } catch (PlanMovedOn $e) {
            return redirect()->route('plan.proposal', $proposal)->with('problem', $e->getMessage());
        }
        $proposal->update(['state' => 'taken']);

        return redirect()
            ->route('plan.show')
            ->with(
                'done',
                ($codes === null ? 'The proposal is the plan now.' : 'Taken over: '.implode(', ', $codes).'.').
                    ' z undoes it.',
            );
    }

    public function leave(Proposal $proposal): RedirectResponse
    {
        $proposal->update(['state' => 'left', 'stop' => true]);

        return redirect()->route('plan.show')->with('done', 'The proposal was left; the plan is as it was.');
    }
}
