<?php

declare(strict_types=1);

namespace App\Setup\Actions;

use App\Machine\Models\Frame;
use App\Setup\DecidedSetup;
use App\Setup\Models\Setup;
use App\Setup\Queries\DecorationSetups;
use App\Setup\Queries\SetupHistory;
use App\Shop\Models\Change;
use App\Shop\Undo\Undoes;
use App\Stock\Models\BackingCut;
use Hakama\Setup\Departure;

/** A decoration gets the setup it had, as long as nothing was cut or sewn by the one it has. */
final readonly class UndoSetup implements Undoes
{
    public function __construct(private DecorationSetups $setups, private SetupChoices $choices) {}

    /** @return string|null why it cannot be taken back any more; null when it was */
    public function undo(Change $change): ?string
    {
        $setup = Setup::query()->find((int) $change->thing);
        $batch = $setup?->decoration->batch;
        if ($setup === null || $batch === null) {
            return __('setup.undo_setup.it_is_no_longer_set_up');
        }
        if ($batch->events()->exists() || BackingCut::query()->where('batch_id', $batch->id)->exists()) {
            return __('setup.undo_setup.is_started_or_its_backing_is', ['code' => $batch->code]);
        }
        $now = $setup->decided();
        if (array_intersect_key($now, $change->after ?? []) !== array_intersect_key($change->after ?? [], $now)) {
            return __('setup.undo_setup.it_was_set_up_differently_since');
        }
        $was = DecidedSetup::read([...$now, ...$change->before ?? []]);
        $frame = Frame::query()->whereNull('retired_at')->where('code', $was?->frame)->first();
        if ($was === null || $frame === null) {
            return __('setup.undo_setup.what_it_was_set_up_with');
        }
        $decoration = $setup->decoration->loadForSetup();
        $choice = $was->choice($this->setups->fit($decoration, $frame, $was->turn));
        $departs = Departure::between($this->setups->advise($decoration), $choice);
        $this->choices->keep(
            $decoration,
            $frame,
            $choice,
            array_fill_keys(
                array_map(static fn(Departure $one): string => $one->about, $departs),
                __('setup.undo_setup.as_before'),
            ),
        );
        SetupHistory::note($decoration, $now);

        return null;
    }
}
