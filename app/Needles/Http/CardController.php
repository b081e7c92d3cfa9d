<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Needles\Models\KeptDesign;
use App\Plan\Queries\NeedlePrograms;
use App\Plan\Queries\PlanBoard;
use App\Setup\Queries\MachineSetups;
use App\Stock\Models\Thread;
use Hakama\Machine\PanelHabits;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The needle card of a batch. */
final readonly class CardController
{
    public function __construct(private MachineSetups $setups) {}

    /** Block, thread, needle and what is done at the stop, for the rack as it will stand then: on paper. */
    public function show(PlanBoard $board, string $code): View|RedirectResponse
    {
        return $this->card($board, $code, 'needles.card', 'plan.show');
    }

    /** The same beside the machine. */
    public function floor(PlanBoard $board, string $code): View|RedirectResponse
    {
        return $this->card($board, $code, 'floor.card', 'floor.show');
    }

    /** @param view-string $view */
    private function card(PlanBoard $board, string $code, string $view, string $else): View|RedirectResponse
    {
        $batch = $board->batches()[$code] ?? abort(404);
        $placed = $board->timetable()->find($code);
        if ($placed === null) {
            return redirect()
                ->route($else)
                ->with('problem', __('needles.card_controller.is_not_in_the_plan_so', ['code' => $code]));
        }

        $machine = $board->machines()->firstWhere('code', $placed->machine) ?? abort(404);
        $kept = KeptDesign::of($machine->id, $batch->design->id);
        $panel = PanelHabits::of($machine->panel ?? []);

        return view($view, [
            'batch' => $batch,
            'placed' => $placed,
            'program' => NeedlePrograms::words($board, $code),
            'sheet' => $batch->design->stopSheet(),
            'setup' => $this->setups->on($batch->decorationId, $machine),
            'panel' => $panel->card(
                $machine->counts_from,
                $board->frames()->firstWhere('code', $batch->batch->equipment->frame)?->kind,
            ),
            'slots' => $panel->slots,
            'kept' => $kept->firstWhere('checksum', $batch->design->checksum),
            'others' => $kept->where('checksum', '!=', $batch->design->checksum)->pluck('slot'),
            'threads' => Thread::query()->whereIn('code', $batch->batch->equipment->threads)->get()->keyBy('code'),
        ]);
    }
}
