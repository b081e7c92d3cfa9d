<?php

declare(strict_types=1);

namespace App\Machine\Http;

use App\Foundation\Database\Transaction;
use App\Foundation\Http\Onward;
use App\Foundation\Http\ReadsRetirement;
use App\Machine\Events\MachineChanged;
use App\Machine\Http\Requests\AddMachines;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\People\Models\Pairing;
use App\Plan\Models\Batch;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The machines of the shop: added, paired with the shop by a code, retired. */
final class MachineController
{
    use ReadsRetirement;

    public function show(): View
    {
        return view('machine.machines', [
            'machines' => Machine::query()->orderByRaw('retired_at is not null')->orderBy('id')->get(),
        ]);
    }

    /** One, or several that are alike: M4, M5, M6. */
    public function add(AddMachines $request): RedirectResponse
    {
        Transaction::run(static function () use ($request): void {
            foreach ($request->codes() as $code) {
                $machine = Machine::query()->create([
                    ...$request->facts(),
                    'code' => $code,
                    // Nobody has it: a machine gets a token of its own when it is paired.
                    'token_hash' => hash('sha256', Str::random(48)),
                ]);
                Needle::query()->insert(
                    array_map(
                        static fn(int $number): array => ['machine_id' => $machine->id, 'number' => $number],
                        range(1, $machine->needles),
                    ),
                );
                ChangeLog::note(Change::MACHINE, $code, Change::CAME, null, $request->facts());
            }
            MachineChanged::dispatch();
        });

        return Onward::from($request)
            ->with('done', __('shop.machine_controller.added_with_an_empty_rack', [
                'codes' => implode(', ', $request->codes()),
            ]));
    }

    /** A code to pair the machine’s controller with; the token it has now is good until it is used. */
    public function code(Machine $machine): RedirectResponse
    {
        return redirect()
            ->route('machines.show')
            ->with('code', Pairing::open($machine->id))
            ->with('for', $machine->code);
    }

    /** The controller is let in no more. */
    public function revoke(Machine $machine): RedirectResponse
    {
        $machine->update(['token_hash' => hash('sha256', Str::random(48)), 'paired_at' => null]);
        ChangeLog::note(Change::MACHINE, $machine->code, __('shop.machine_machine_controller.controller_disconnected'));

        return redirect()
            ->route('machines.show')
            ->with('done', __('shop.machine_machine_controller.the_controller_of_is_disconnected', [
                'code' => $machine->code,
            ]));
    }

    /** Out of use, or back in it; what it sewed stays in the books. */
    public function retire(Request $request, Machine $machine): RedirectResponse
    {
        $goes = self::retires($request, $machine->retired_at !== null);
        if ($goes === null) {
            return redirect()->route('machines.show')->with('done', __('shop.machine_machine_controller.is_already_as_you_asked', [
                'code' => $machine->code,
            ]));
        }
        $waiting = Batch::query()
            ->where('machine_id', $machine->id)
            ->whereHas('decoration.pieces', static fn($q) => $q->where('state', '!=', 'done'))
            ->pluck('code');
        if ($goes && $waiting->isNotEmpty()) {
            return redirect()
                ->route('machines.show')
                ->with(
                    'problem',
                    __('shop.machine_machine_controller.still_has_planned_move_them_under', ['code' => $machine->code, 'implode' => $waiting->implode(
                        ', ',
                    )]),
                );
        }
        $machine->update(['retired_at' => $goes ? CarbonImmutable::now() : null]);
        ChangeLog::note(
            Change::MACHINE,
            $machine->code,
            $goes ? __('shop.machine_machine_controller.out_of_use') : __('shop.machine_machine_controller.in_use_again'),
        );

        return redirect()
            ->route('machines.show')
            ->with('done', $goes ? __('shop.machine_machine_controller.is_out_of_use', [
                'code' => $machine->code,
            ]) : __('shop.machine_machine_controller.is_in_use_again', ['code' => $machine->code]));
    }
}
