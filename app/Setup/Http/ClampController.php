<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Foundation\Database\Transaction;
use App\Setup\Actions\Clamps;
use App\Setup\Http\Requests\KeepClamp;
use App\Setup\Models\ClampCheck;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Setup\Notes\ClampSteps;
use Hakama\Setup\Notes\Note;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Clamps with exchangeable windows: the machine takes each for its largest frame, so a person finds the centre. */
final readonly class ClampController
{
    public function __construct(private Clamps $clamps, private House $house) {}

    public function show(Catalogue $catalogue): View
    {
        return view('setup.clamps', [
            'rows' => $this->clamps->all(),
            'proving' => $this->clamps->proving(),
            'steps' => ClampSteps::of($this->clamps->proving(), $this->house->rules()),
            'people' => $catalogue->people(),
        ]);
    }

    public function store(KeepClamp $request): RedirectResponse
    {
        [$frame, $machine] = [$request->frame(), $request->machine()];
        if (! $request->takesClamps()) {
            throw ValidationException::withMessages(['machine' => __('setup.clamp_controller.takes_no_clamps', [
                'code' => $machine->code,
            ])]);
        }
        $steps = array_map(
            static fn(Note $step): string => $step->code,
            ClampSteps::of($this->clamps->proving(), $this->house->rules()),
        );
        $dropped = $request->boolean('dropped');
        if (! $dropped && array_diff($steps, $request->array('checked')) !== []) {
            throw ValidationException::withMessages(
                ['checked' => __('setup.clamp_controller.tick_each_step_when_it_is')],
            );
        }
        $who = $request->string('who')->value();
        $request->session()->put('who', $who);
        Transaction::run(static function () use ($request, $frame, $machine, $dropped, $who): void {
            ClampCheck::query()->create([
                'frame_id' => $frame->id,
                'machine_id' => $machine->id,
                'dropped' => $dropped,
                'x_mm' => $dropped ? 0.0 : round($request->float('x'), 1),
                'y_mm' => $dropped ? 0.0 : round($request->float('y'), 1),
                'nudges' => $dropped ? 0 : $request->integer('nudges'),
                'who' => $who,
                'checked_at' => CarbonImmutable::now(),
            ]);
            if (! $dropped && $request->boolean('take_over')) {
                $frame->update([
                    'offset_x_mm' => round($request->float('x'), 1),
                    'offset_y_mm' => round($request->float('y'), 1),
                ]);
            }
        });

        return redirect()
            ->route('setup.clamps')
            ->with(
                'done',
                $dropped
                    ? __('setup.clamp_controller.was_dropped_find_its_true_centre', ['code' => $frame->code])
                    : __('setup.clamp_controller.true_centre_of_on_saved', [
                        'code' => $frame->code,
                        'code_2' => $machine->code,
                    ]),
            );
    }

    /** The proving design, as a tape to load on the machine. */
    public function proving(): Response
    {
        $proving = $this->clamps->proving() ?? abort(404);

        return (new Response((new TapeWriter())->toString($proving->pattern())))
            ->header('Content-Type', 'application/octet-stream')
            ->header('Content-Disposition', 'attachment; filename="proving-design.dst"');
    }
}
