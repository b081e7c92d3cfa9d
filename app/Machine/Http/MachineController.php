<?php

declare(strict_types=1);

namespace App\Machine\Http;

use App\Foundation\Database\Transaction;
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

        return redirect()
            ->back()
            ->with('done', implode(', ', $request->codes()).': in the shop now, with an empty rack.');
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
        ChangeLog::note(Change::MACHINE, $machine->code, 'its controller is let in no more');

        return redirect()
            ->route('machines.show')
            ->with('done', "The controller of {$machine->code} is let in no more.");
    }

    /** Out of use, or back in it; what it sewed stays in the books. */
    public function retire(Request $request, Machine $machine): RedirectResponse
    {
        $goes = self::retires($request, $machine->retired_at !== null);
        if ($goes === null) {
            return redirect()->route('machines.show')->with('done', "{$machine->code} is as you wanted it already.");
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
                    "{$machine->code} still has {$waiting->implode(
                        ', ',
                    )} before it: move them at Plan first. Nothing was changed.",
                );
        }
        $machine->update(['retired_at' => $goes ? CarbonImmutable::now() : null]);
        ChangeLog::note(Change::MACHINE, $machine->code, $goes ? 'out of use' : 'in use again');

        return redirect()
            ->route('machines.show')
            ->with('done', $goes ? "{$machine->code} is out of use." : "{$machine->code} is in use again.");
    }
}
