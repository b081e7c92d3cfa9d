<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Floor\Finish\FinishTimes;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Plan\Actions\PlanChanges;
use App\Plan\Actions\SplitBatch;
use App\Plan\Chart\LanePage;
use App\Plan\Chart\PlanChart;
use App\Plan\Chart\TimeAxis;
use App\Plan\Chart\Zoom;
use App\Plan\Http\Requests\ChooseSplit;
use App\Plan\Http\Requests\MoveBatch;
use App\Plan\OpenBatch;
use App\Plan\PlanRefused;
use App\Plan\Queries\Consequence;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PlanDays;
use App\Plan\Queries\ShopOdds;
use App\Plan\Queries\WhatHelps;
use App\Setup\MovedSteps;
use App\Setup\Queries\Trials;
use App\Shop\Calendar\Calendar;
use App\Shop\House;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Needles\Assignment;
use Hakama\Needles\Swaps;
use Hakama\Plan\Option;
use Hakama\Plan\Options;
use Hakama\Plan\Placed;
use Hakama\Plan\SplitImpact;
use Hakama\Plan\Timetable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

final readonly class PlanController
{
    /** So many places are listed beside the one a batch has. */
    private const BEST = 3;
    private const PLACES = 8;
    private const ALIKE = 3;
    private const LISTED = 80;

    public function __construct(private ShopOdds $odds, private House $house) {}

    public function show(Request $request, PlanBoard $board, Calendar $calendar): View
    {
        return view('plan.show', $this->sheet($request, $board, $calendar));
    }

    /** The plan for the wall, a page a day: all of it, or the days that are looked at where it is much. */
    public function days(Request $request, PlanBoard $board, Calendar $calendar): View
    {
        $axis = TimeAxis::of($calendar->work(), self::zoom($request), self::offset($request), $board->workload()->now);

        return view('plan.days', ['days' => PlanDays::of($board, self::isMuch($board->timetable()) ? $axis : null)]);
    }

    /** Answers with the plan anew, whether the move was made or not. */
    public function move(
        MoveBatch $request,
        PlanBoard $board,
        PlanChanges $changes,
        Calendar $calendar,
        MovedSteps $steps,
    ): Response|RedirectResponse {
        [$code, $machine, $rank] = [$request->batch(), $request->machine(), $request->rank()];
        $problem = $said = null;
        try {
            $said =
                Consequence::words($board, $code, $changes->wouldMove($code, $machine, $rank), made: true).
                $steps->words($board, $code, $machine);
            $changes->move($code, $machine, $rank, $request->integer('version'));
        } catch (PlanRefused $e) {
            $problem = $e->getMessage();
        }
        if (! $request->headers->has('HX-Request')) {
            return redirect()
                ->route('plan.show')
                ->with($problem === null ? 'done' : 'problem', $problem ?? $said);
        }

        return new Response(
            view('plan.sheet', [
                ...$this->sheet($request, $board, $calendar),
                'problem' => $problem,
                'said' => $problem === null ? $said : null,
                'focus' => $code,
            ]),
        );
    }

    /** What a move would bring, in words, before the batch is let go. */
    public function consequence(Request $request, PlanBoard $board, PlanChanges $changes, MovedSteps $steps): Response
    {
        // Without a session there is nowhere to send the person back to.
        if (Validator::make($request->all(), MoveBatch::place())->fails()) {
            return new Response(__('plan.plan_controller.there_is_no_such_batch_or'), 422);
        }
        $code = $request->string('batch')->value();
        try {
            $otherwise = $steps->words($board, $code, $request->string('machine')->value());
            $said =
                e(
                    Consequence::words(
                        $board,
                        $code,
                        $changes->wouldMove($code, $request->string('machine')->value(), $request->integer('rank')),
                        made: false,
                    ),
                ).($otherwise === '' ? '' : '<strong class="now">'.e($otherwise).'</strong>');
        } catch (PlanRefused $e) {
            $said = '<span class="now">'.e($e->getMessage()).'</span>';
        }

        return new Response($said);
    }

    public function undo(Request $request, PlanChanges $changes): RedirectResponse
    {
        try {
            return redirect()
                ->route('plan.show')
                ->with('done', __('plan.plan_controller.undone', [
                    'what' => $changes->undo($request->integer('version')),
                ]));
        } catch (PlanRefused $e) {
            return redirect()->route('plan.show')->with('problem', $e->getMessage());
        }
    }

    public function byDue(Request $request, PlanChanges $changes): RedirectResponse
    {
        $changes->replan($request->integer('version'));

        return redirect()->route('plan.show')->with(
            'done',
            __('plan.plan_controller.planned_again_by_due_date_running'),
        );
    }

    /** Why a batch is where it is, and where else it could be. */
    public function why(Request $request, PlanBoard $board, Trials $trials, string $code): View
    {
        $batch = $board->batches()[$code] ?? abort(404);
        $among = count($board->batches());
        if ($among > (int) config('shop.odds_found_at_once') && ! $request->has('whole')) {
            return view('plan.why-soon', ['batch' => $batch, 'among' => $among]);
        }
        $options = Options::of($board->timetable(), $code, self::PLACES);
        $siblings = SplitBatch::siblings($batch->decorationId);
        $placed = $board->timetable()->find($code);
        $odds = $this->odds->inForce()->batches[$code] ?? null;
        $decoration = Decoration::query()
            ->with(['line', 'artwork.sewOuts'])
            ->findOrFail($batch->decorationId);
        $trial = $placed === null ? null : $trials->of($batch, $decoration, $placed->machine);

        return view('plan.why', [
            'board' => $board,
            'batch' => $batch,
            'placed' => $placed,
            'finishS' => FinishTimes::of($decoration, $this->house->rules()),
            'trial' => $trial,
            'triedAt' => $trial === null ? null : $trials->planned($trial, $code),
            'fabric' => Words::say($decoration->line->fabric->label()),
            'odds' => $odds,
            'oddsFrom' => $this->odds->source(),
            'helps' =>
                $placed !== null && $odds?->isInDanger === true
                    ? (new WhatHelps($board, $this->odds))->with($placed)
                    : [],
            'options' => $options,
            'shown' => array_slice($options->all, 0, self::PLACES),
            'best' => array_slice(
                array_values(array_filter($options->all, static fn(Option $one): bool => $one !== $options->current)),
                0,
                self::BEST,
            ),
            'words' => static fn(Option $option): string => Consequence::words($board, $code, $option, made: false),
            'version' => PlanBoard::version(),
            'weights' => $board->workload()->weights,
            'unfit' => array_intersect_key($batch->batch->sewing->unfit, $batch->batch->sewing->sewS),
            'barred' => self::barred($board, $code),
            'siblings' => array_values(
                array_filter($board->batches(), static fn(OpenBatch $one): bool => isset($siblings[$one->id])),
            ),
            'alike' => Options::together($board->timetable(), $code, self::ALIKE),
            'joined' => static fn(string $into): ?Option => SplitImpact::join(
                $board->workload(),
                $board->sequence(),
                $code,
                $into,
            ),
        ]);
    }

    /** What splitting would bring, as the number of pieces is typed. */
    public function splitting(Request $request, PlanBoard $board, string $code): Response
    {
        $batch = $board->batches()[$code] ?? abort(404);
        $pieces = $request->integer('pieces');
        if ($pieces < 1 || $pieces >= $batch->left) {
            return new Response(e(__('plan.plan_controller.you_can_split_off_1_to', ['left' => $batch->left - 1])));
        }

        return new Response(
            implode(
                '',
                array_map(
                    static fn(string $said): string => '<p>'.e($said).'</p>',
                    Consequence::split(
                        $pieces,
                        ...SplitImpact::split(
                            $board->workload(),
                            $board->sequence(),
                            $code,
                            min(
                                $batch->batch->pieces,
                                CopiesPerFrame::frames($pieces, $batch->copies) * $batch->setup->hoopings,
                            ),
                        ),
                    ),
                ),
            ),
        );
    }

    public function split(ChooseSplit $request, PlanChanges $changes, string $code): RedirectResponse
    {
        try {
            $new = $changes->split($code, $request->integer('pieces'), $request->integer('version'));
        } catch (PlanRefused $e) {
            throw ValidationException::withMessages(['pieces' => $e->getMessage()]);
        }

        return redirect()
            ->route('plan.why', $new)
            ->with('done', __('plan.plan_controller.split_off', ['new' => $new, 'code' => $code]));
    }

    public function merge(Request $request, PlanChanges $changes, string $code): RedirectResponse
    {
        $into = $request->string('into')->value();
        try {
            $changes->merge($code, $into, $request->integer('version'));
        } catch (PlanRefused $e) {
            return redirect()->route('plan.why', $code)->with('problem', $e->getMessage());
        }

        return redirect()
            ->route('plan.why', $into)
            ->with('done', __('plan.plan_controller.the_pieces_of_are_back_with', ['code' => $code, 'into' => $into]));
    }

    public function fix(Request $request, PlanChanges $changes, string $code): RedirectResponse
    {
        $fixed = $request->boolean('fixed');
        try {
            $changes->fix($code, $fixed, $request->integer('version'));
        } catch (PlanRefused $e) {
            return redirect()->route('plan.why', $code)->with('problem', $e->getMessage());
        }

        return redirect()
            ->route('plan.why', $code)
            ->with('done', $fixed ? __('plan.plan_controller.is_fixed_to_its_machine_and', [
                'code' => $code,
            ]) : __('plan.plan_controller.can_be_moved_again', ['code' => $code]));
    }

    /** @return array<string, string> machine => why a batch cannot stand there, and what it would take by hand */
    private static function barred(PlanBoard $board, string $code): array
    {
        $barred = [];
        $batch = $board->workload()->batches[$code];
        foreach ($board->workload()->lanes as $machine => $lane) {
            $obstacle = $board->workload()->obstacle($batch, $lane);
            if ($obstacle !== null) {
                $swaps =
                    isset($batch->sewing->sewS[$machine])
                    && ! Assignment::holdsAtOnce($lane->rack, $batch->demand(), $board->workload()->needs)
                        ? Swaps::perPiece($lane->rack, $batch->demand(), $board->workload()->needs)
                        : null;
                $barred[$machine] =
                    Words::say($obstacle).
                    ($swaps === null
                        ? ''
                        : __('plan.plan_controller.by_hand', ['swaps' => $swaps]));
            }
        }

        return $barred;
    }

    /** @return array{chart: PlanChart, ...} */
    private function sheet(Request $request, PlanBoard $board, Calendar $calendar): array
    {
        $chart = PlanChart::of(
            $board,
            $board->timetable(),
            $calendar->work(),
            self::zoom($request),
            self::offset($request),
            LanePage::of(array_keys($board->workload()->lanes), $request->integer('part')),
            $board->actual(),
            $this->odds->inForce(),
        );

        return [
            'board' => $board,
            'timetable' => $board->timetable(),
            'odds' => $this->odds->inForce(),
            'oddsFrom' => $this->odds->source(),
            'chart' => $chart,
            'shown' => self::shown($board->timetable(), $chart),
            'people' => $calendar->said($chart->axis->days),
            'version' => PlanBoard::version(),
            'late' => $board->late(),
            'problem' => null,
            'said' => null,
            'focus' => null,
        ];
    }

    private static function zoom(Request $request): Zoom
    {
        return Zoom::tryFrom($request->string('zoom')->value()) ?? Zoom::Day;
    }

    /** How many days, weeks or stretches of hours from now. */
    private static function offset(Request $request): int
    {
        return max(0, min(60, $request->integer('day')));
    }

    /** Whether it is more than a page lists: then it lists what is drawn. */
    private static function isMuch(Timetable $timetable): bool
    {
        return count($timetable->placed) > self::LISTED;
    }

    /** @return list<Placed> in the order in which it starts */
    private static function shown(Timetable $timetable, PlanChart $chart): array
    {
        $isDrawn = static fn(Placed $one): bool => isset($chart->lanes[$one->machine])
            && $chart->axis->shows($one->changeoverStart, $one->end());
        $shown = self::isMuch($timetable) ? array_filter($timetable->placed, $isDrawn) : $timetable->placed;
        usort($shown, static fn(Placed $a, Placed $b): int => $a->changeoverStart <=> $b->changeoverStart);

        return $shown;
    }
}
