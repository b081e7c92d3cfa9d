<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Foundation\Words\Words;
use App\Plan\Actions\PlanChanges;
use App\Plan\Chart\LanePage;
use App\Plan\Chart\PlanChart;
use App\Plan\Chart\Zoom;
use App\Plan\Http\Requests\SearchPlan;
use App\Plan\Http\Requests\TakeProposal;
use App\Plan\Jobs\FindPlan;
use App\Plan\Models\Proposal;
use App\Plan\PlanRefused;
use App\Plan\Queries\Comparison;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Plan\WhatIfForm;
use App\Shop\Calendar\Calendar;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Plan\Moves;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Plans that are looked for beside the one in force, in the shop as it is or as it might be. */
final class ProposalController
{
    public function store(SearchPlan $request, House $house): RedirectResponse
    {
        $proposal = Proposal::query()->create([
            'state' => 'waiting',
            'what_if' => $request->whatIf() ?: null,
            'version' => PlanBoard::version(),
            'seed' => 1 + (int) Proposal::query()->max('id'),
            'iterations' => $request->isForMending()
                ? 0
                : $request->iterations() ?? (int) $house->rules()->value(HouseRule::SearchChanges),
            'searchers' => (int) config('shop.searchers'),
            'asked_at' => CarbonImmutable::now(),
        ]);
        FindPlan::dispatch($proposal->id);

        return redirect()->route('plan.proposal', $proposal);
    }

    public function show(
        Request $request,
        Proposal $proposal,
        PlanBoard $board,
        Calendar $calendar,
        ShopOdds $odds,
        House $house,
    ): View|Response {
        if ($request->headers->has('HX-Request') && ! $proposal->isSearching()) {
            // It is found: the whole page has something else to say now.
            return (new Response(''))->header('HX-Refresh', 'true');
        }
        $sheet = [
            'proposal' => $proposal,
            'words' => WhatIfForm::words($proposal->what_if ?? []),
            'version' => PlanBoard::version(),
            'which' => $proposal->whichOf(self::which($request)),
            'moved' => array_map(
                static fn(array $one): int => Moves::between(
                    $board->sequence(),
                    $board->takeover()->whole(new Sequence($one['sequence'])),
                )->count(),
                $proposal->weighed ?? [],
            ),
            'most' => (int) $house->rules()->value(HouseRule::MendedMoves),
        ];
        if ($proposal->state === 'ready' || $proposal->state === 'taken' || $proposal->state === 'left') {
            $comparison = Comparison::of(
                $board,
                new Sequence($proposal->sequenceOf(self::which($request))),
                WhatIfForm::read($proposal->what_if ?? []),
                $odds,
            );
            $zoom = Zoom::tryFrom($request->string('zoom')->value()) ?? Zoom::Week;
            $day = max(0, min(60, $request->integer('day')));
            $page = LanePage::of(array_keys($board->workload()->lanes), $request->integer('part'));
            $chart = static fn(Timetable $of): PlanChart => PlanChart::of(
                $board,
                $of,
                $calendar->work(),
                $zoom,
                $day,
                $page,
            );
            $sheet += [
                'comparison' => $comparison,
                'board' => $board,
                'chart' => $chart($comparison->then),
                'chartNow' => $chart($comparison->now),
            ];
        }

        return view($request->headers->has('HX-Request') ? 'plan.progress' : 'plan.proposal', $sheet);
    }

    /** Which of two plans is looked at; null: the one that is proposed. */
    private static function which(Request $request): ?string
    {
        $which = $request->input('plan');

        return is_string($which) ? $which : null;
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
        if (! $proposal->isThere(self::which($request))) {
            return redirect()
                ->route('plan.proposal', $proposal)
                ->with('problem', __('plan.proposal_controller.this_proposal_is_no_longer_available'));
        }
        try {
            $sequence = $proposal->sequenceOf(self::which($request));
            $changes->take(new Sequence($sequence), $codes, $request->integer('version'));
        } catch (PlanRefused $e) {
            return redirect()->route('plan.proposal', $proposal)->with('problem', $e->getMessage());
        }
        // Of two plans it is the one that was taken from here on.
        $proposal->update(['state' => 'taken', 'sequence' => $sequence, 'stop' => true]);

        return redirect()
            ->route('plan.show')
            ->with(
                'done',
                __('plan.proposal_controller.press_z_to_undo', [
                    'value' => $codes === null ? __('plan.proposal_controller.the_proposal_is_now_the_plan') : __('plan.proposal_controller.in_use_now', [
                        'value' => Words::some($codes, 8),
                    ]),
                ]),
            );
    }

    public function leave(Proposal $proposal): RedirectResponse
    {
        $proposal->update(['state' => 'left', 'stop' => true]);

        return redirect()->route('plan.show')->with(
            'done',
            __('plan.proposal_controller.proposal_discarded_the_plan_is_unchanged'),
        );
    }
}
