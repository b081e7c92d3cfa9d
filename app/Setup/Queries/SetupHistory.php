<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Setup\Models\Setup;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;

/** What was decided of a setup, in the words of its history. */
final class SetupHistory
{
    /** @param array<string, string|int>|null $before what was decided; null where it was not set up */
    public static function note(Decoration $decoration, ?array $before): void
    {
        [$was, $is] = ChangeLog::differing($before ?? [], Setup::query()->find($decoration->id)?->decided() ?? []);
        if ($is !== []) {
            $order = Order::query()->findOrFail($decoration->line->order_id);
            ChangeLog::note(
                Change::SETUP,
                (string) $decoration->id,
                __($before === null ? 'setup.setup_history.set_up' : 'setup.setup_history.set_up_differently', [
                    'number' => (string) $order->number,
                    'position' => $decoration->positionLabel(),
                ]),
                $before === null ? null : $was,
                $is,
            );
        }
    }
}
