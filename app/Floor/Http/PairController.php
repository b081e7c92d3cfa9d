<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Foundation\Database\Transaction;
use App\Machine\Models\Machine;
use App\People\Attempts;
use App\People\Models\Pairing;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A machine’s controller gives the code that was read off the page and gets the token it shows from then on. */
final class PairController
{
    public function __invoke(Request $request): JsonResponse
    {
        try {
            Attempts::count('pair', (string) $request->ip(), 'code');
        } catch (ValidationException $e) {
            return new JsonResponse(['message' => $e->getMessage()], 429);
        }
        $code = $request->input('code');
        $token = Str::random(48);
        $machine = Transaction::run(static function () use ($code, $token): ?Machine {
            $pairing = is_string($code) ? Pairing::take($code, false) : null;
            $machine = $pairing === null ? null : Machine::working()->find($pairing->machine_id);
            // The token it had before is good no more.
            $machine?->update(['token_hash' => hash('sha256', $token), 'paired_at' => CarbonImmutable::now()]);
            if ($machine !== null) {
                ChangeLog::note(Change::MACHINE, $machine->code, __('floor.pair_controller.controller_paired'));
            }

            return $machine;
        });
        if ($machine === null) {
            return new JsonResponse(
                ['message' => __('floor.pair_controller.that_code_is_not_valid_or')],
                422,
            );
        }
        Attempts::forget('pair', (string) $request->ip());

        return new JsonResponse([
            'machine' => $machine->code,
            'token' => $token,
            'top_spm' => $machine->top_spm,
            'heads' => $machine->heads,
        ]);
    }
}
