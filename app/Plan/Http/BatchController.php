<?php

declare(strict_types=1);

namespace App\Plan\Http;

use App\Floor\Finish\FinishTimes;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Plan\Actions\PlanChanges;
use App\Plan\Actions\SplitBatch;
use App\Plan\Http\Requests\ChooseSplit;
use App\Plan\OpenBatch;
use App\Plan\PlanRefused;
use App\Plan\Queries\Consequence;
use App\Plan\Queries\PayingSplit;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Plan\Queries\WhatHelps;
use App\Setup\Queries\Trials;
use App\Shop\House;
use Hakama\Needles\Assignment;
use Hakama\Needles\Swaps;
use Hakama\Plan\Option;
use Hakama\Plan\Options;
use Hakama\Plan\Room;
use Hakama\Plan\SplitImpact;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** One batch of the plan: why it is where it is, what else it could be; split, combined, fixed. */
final readonly class BatchController
{
    /** So many places are listed beside the one a batch has. */
    private const BEST = 3;
    private const PLACES = 8;
    private const ALIKE = 3;
    /** Among more than these, only what is late is tried on two machines at once. */
    private const FEW = 100;

    public function __construct(private ShopOdds $odds, private House $house) {}

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
            'room' => Room::of($board->timetable())[$code] ?? 0,
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
            'paying' => $placed !== null && ($among <= self::FEW || $placed->lateS() > 0)
                ? PayingSplit::of($board, $batch)
                : null,
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
                            min($batch->batch->pieces, PayingSplit::frames($batch, $pieces)),
                        ),
                    ),
                ),
            ),
        );
    }

    public function split(ChooseSplit $request, PlanChanges $changes, PlanBoard $board, string $code): RedirectResponse
    {
        try {
            $new = $changes->split(
                $code,
                $request->integer('pieces'),
                $request->integer('version'),
                $request->boolean('elsewhere'),
            );
        } catch (PlanRefused $e) {
            throw ValidationException::withMessages(['pieces' => $e->getMessage()]);
        }

        $heldUntil = $board->batches()[$new]->heldUntil();

        return redirect()->route('plan.why', $new)->with('done', $heldUntil === null
            ? __('plan.plan_controller.split_off', ['new' => $new, 'code' => $code])
            : __('plan.plan_changes.split_off_for_blanks', [
                'new' => $new,
                'pieces' => $request->integer('pieces'),
                'code' => $code,
                'at' => ShopClock::words(ShopClock::time($heldUntil)),
            ]));
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
}
