<?php

declare(strict_types=1);

namespace App\Needles\Http;

use App\Foundation\Database\Transaction;
use App\Machine\Events\MachineChanged;
use App\Machine\Models\Machine;
use App\Needles\Http\Requests\ChangeHead;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Illuminate\Http\RedirectResponse;

/** A head that does not sew for now: its machine goes on with the others, and plan, loads and threads go by those. */
final class HeadController
{
    public function change(ChangeHead $request, Machine $machine): RedirectResponse
    {
        [$head, $isOut] = [$request->integer('head'), $request->isOut()];
        Transaction::run(static function () use ($request, $machine, $head, $isOut): void {
            $kept = Machine::query()->lockForUpdate()->findOrFail($machine->id);
            $before = $kept->heads_out ?? [];
            $after = $before;
            unset($after[$head]);
            if ($isOut) {
                $after[$head] = $request->string('wrong')->trim()->value();
            }
            ksort($after);
            if ($after === $before) {
                return;
            }
            $kept->update(['heads_out' => $after === [] ? null : $after]);
            ChangeLog::note(
                Change::MACHINE,
                $kept->code,
                __($isOut ? 'needles.head_controller.taken_out' : 'needles.head_controller.put_back', ['head' => $head]),
                ['heads_out' => $before],
                ['heads_out' => $after],
            );
            MachineChanged::dispatch();
        });

        return redirect()
            ->back(fallback: route('needles.care', $machine))
            ->with('done', __(
                $isOut ? 'needles.head_controller.is_out' : 'needles.head_controller.is_back',
                ['code' => $machine->code, 'head' => $head],
            ));
    }
}
