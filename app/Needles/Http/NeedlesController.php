<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Needles\Http\Requests\FitNeedles;
use App\Needles\Http\Requests\LoadCone;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\People\Caller;
use App\Plan\BatchBlock;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\Thread;
use Hakama\Machine\NeedleType;
use Hakama\Needles\Assignment;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\Demand;
use Hakama\Needles\Fittings;
use Hakama\Needles\NoNeedleFits;
use Hakama\Needles\Reloading;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class NeedlesController
{
    /** So many batches ahead are shown; the rule looks at all of them. */
    private const SHOWN = 6;

    public function show(PlanBoard $board, ?Machine $machine = null): View
    {
        $machine ??= $board->machines()->first();
        if ($machine === null) {
            return view('shop.no-machine', ['station' => 'needles']);
        }
        $machine = $board->machines()->firstWhere('id', $machine->id) ?? $machine;
        $codes = $board->sequence()->on($machine->code);
        $workload = $board->workload();
        $demands = array_map(static fn(string $code): Demand => $workload->batches[$code]->demand(), $codes);
        $arrived = array_map(
            static fn(string $code): Demand => $workload->batches[$code]->demand(),
            array_values(array_intersect(array_keys($board->batches()), $codes)),
        );
        $problem = null;
        try {
            $planned = Assignment::of($machine->coreRack(), $demands, $workload->needs);
            $booked = Assignment::of($machine->coreRack(), $arrived, $workload->needs);
        } catch (NoNeedleFits $e) {
            $planned = $booked = null;
            $problem = __('needles.needles_controller.unpin_a_needle_fit_another_size', [
                'get_message' => Words::why($e),
            ]);
        }

        return view('needles.show', [
            'machine' => $machine,
            'machines' => $board->machines(),
            'planned' => array_slice($planned->batches ?? [], 0, self::SHOWN),
            'changes' => $planned?->changes(),
            'bookedChanges' => $booked?->changes(),
            'reloadChanges' => Reloading::changes($machine->coreRack(), $arrived, $workload->needs),
            'ahead' => count($codes),
            'batches' => $board->batches(),
            'fittings' => self::fittings($board, $machine, $planned->batches ?? []),
            'threads' => Thread::query()->with('cones')->orderBy('code')->get()->keyBy('code'),
            'problem' => $problem,
        ]);
    }

    /** A cone has been put on a needle. */
    public function load(LoadCone $request, Machine $machine, int $number): RedirectResponse
    {
        $thread = $request->thread();
        Transaction::run(static function () use ($request, $machine, $number, $thread): void {
            $needle = self::needle($machine, $number);
            if ($needle->pinned) {
                throw ValidationException::withMessages([
                    'thread' => __('needles.needles_controller.needle_is_pinned_unpin_it_before', [
                        'number' => $number,
                    ]),
                ]);
            }
            if ($request->sawAnother($needle->thread_id)) {
                throw ValidationException::withMessages([
                    'thread' => __('needles.needles_controller.somebody_else_changed_needle_in_the', [
                        'number' => $number,
                    ]),
                ]);
            }
            $needle->update(['thread_id' => $thread->id]);
        });

        return redirect()
            ->route('needles.show', $machine)
            ->with('done', __('needles.needles_controller.needle_holds', [
                'number' => $number,
                'code' => $thread->code,
                'name' => $thread->name,
            ]));
    }

    /** Needles were exchanged for others of another size or point. */
    public function fit(FitNeedles $request, Machine $machine): RedirectResponse
    {
        $type = $request->type();
        NeedleFitting::record(
            $machine,
            array_fill_keys($request->numbers(), $type),
            $request->string('id')->lower()->value(),
            Caller::acting($request),
        );
        $numbers = implode(', ', $request->numbers());

        return redirect()
            ->route('needles.show', $machine)
            ->with(
                'done',
                count($request->numbers()) === 1
                    ? __('needles.needles_controller.needle_is_now_a', [
                        'numbers' => $numbers,
                        'type' => $type->code(),
                    ])
                    : __('needles.needles_controller.needles_are_now', [
                        'numbers' => $numbers,
                        'type' => $type->code(),
                    ]),
            );
    }

    /**
     * What runs has its needles: the list was confirmed before it.
     *
     * @param list<BatchNeedles> $planned
     *
     * @return array<string, array<int, NeedleType>> batch => needle => what to fit there
     */
    private static function fittings(PlanBoard $board, Machine $machine, array $planned): array
    {
        $fitted = $machine->fittedTypes();
        $wanted = self::wanted($board);
        $ahead = [];
        foreach ($planned as $batch) {
            if ($board->batches()[$batch->id]->started) {
                $fitted = array_replace($fitted, array_combine($batch->order, $wanted[$batch->id]));
            } else {
                $ahead[] = $batch;
            }
        }

        return Fittings::of($fitted, $ahead, $wanted);
    }

    /** @return array<string, list<NeedleType>> batch => what each of its blocks wants */
    private static function wanted(PlanBoard $board): array
    {
        return array_map(
            static fn(OpenBatch $batch): array => array_map(
                static fn(BatchBlock $block): NeedleType => NeedleType::read(
                    $batch->batch->equipment->needle,
                )->withThread($block->weight),
                $batch->design->blocks,
            ),
            $board->batches(),
        );
    }

    public function pin(Request $request, Machine $machine, int $number): RedirectResponse
    {
        $pinned = $request->boolean('pinned');
        Transaction::run(static fn() => self::needle($machine, $number)->update(['pinned' => $pinned]));

        return redirect()
            ->route('needles.show', $machine)
            ->with('done', $pinned ? __('needles.needles_controller.needle_is_pinned', [
                'number' => $number,
            ]) : __('needles.needles_controller.needle_is_unpinned', ['number' => $number]));
    }

    private static function needle(Machine $machine, int $number): Needle
    {
        return Needle::query()
            ->where('machine_id', $machine->id)
            ->where('number', $number)
            ->firstOrFail();
    }
}
