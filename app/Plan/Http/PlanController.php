<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Foundation\Words\Words;
use App\Plan\Actions\PlanChanges;
use App\Plan\Chart\LanePage;
use App\Plan\Chart\PlanChart;
use App\Plan\Chart\TimeAxis;
use App\Plan\Chart\Zoom;
use App\Plan\Http\Requests\MoveBatch;
use App\Plan\PlanRefused;
use App\Plan\Queries\Consequence;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PlanDays;
use App\Plan\Queries\ShopOdds;
use App\Setup\MovedSteps;
use App\Setup\Queries\MostPractised;
use App\Shop\Calendar\Calendar;
use App\Shop\Figure;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Plan\Placed;
use Hakama\Plan\Skill;
use Hakama\Plan\SkillShortage;
use Hakama\Plan\Timetable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;

final readonly class PlanController
{
    /** More batches than this are too many for one list. */
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
            'short' => self::short($board->timetable()),
            'version' => PlanBoard::version(),
            'late' => $board->late(),
            'most' => (int) $this->house->rules()->value(HouseRule::MendedMoves),
            'frozen' => Figure::plain($this->house->rules()->value(HouseRule::FrozenAhead)),
            'problem' => null,
            'said' => null,
            'focus' => null,
        ];
    }

    /** @return list<array{SkillShortage, string, string|null}> what is short, in words, and who has practised it most */
    private static function short(Timetable $timetable): array
    {
        $short = SkillShortage::all($timetable);
        $who = MostPractised::without(
            array_map(static fn(SkillShortage $one): Skill => Skill::from($one->skill), $short),
        );

        return array_map(static fn(SkillShortage $one): array => [
            $one,
            Words::say(Skill::from($one->skill)->words()),
            $who[$one->skill] ?? null,
        ], $short);
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
