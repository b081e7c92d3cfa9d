<?php

declare(strict_types=1);

namespace App\Shop\Console;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Floor\Models\BatchProgress;
use App\Floor\Projections\BatchStates;
use App\Floor\Projections\Projections;
use App\Foundation\Database\Transaction;
use App\Orders\Jobs\ImportOrders;
use App\Orders\Models\OrderImport;
use App\Plan\Jobs\FindPlan;
use App\Plan\Models\Batch;
use App\Plan\Models\Proposal;
use App\Setup\Actions\SetupChoices;
use App\Setup\Models\Setup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Earlier versions did not keep all that this one goes by: what can be worked out is worked out when the shop opens. */
final class ShopFollow extends Command
{
    protected $signature = 'shop:follow';
    protected $description = 'Works out what earlier versions did not keep: the parts of several hoopings, the sums of days';

    public function handle(SetupChoices $choices, Projections $projections): int
    {
        $undivided = Artwork::query()
            ->whereIn(
                'id',
                Setup::query()
                    ->join('decorations', 'decorations.id', '=', 'setups.decoration_id')
                    ->where('setups.hoopings', '>', 1)
                    ->whereNull('setups.parts')
                    ->select('decorations.artwork_id'),
            )
            ->get();
        foreach ($undivided as $artwork) {
            $choices->divideAnew($artwork->id);
        }
        // Read twice, a tape comes to the same; a search that was broken off is begun anew.
        if (DB::table('jobs')->doesntExist()) {
            Artwork::query()
                ->whereNull('read_at')
                ->whereNull('refused')
                ->pluck('id')
                ->each(static fn(int $id) => ReadTape::dispatch($id));
            Proposal::query()
                ->whereIn('state', ['waiting', 'searching'])
                ->pluck('id')
                ->each(static fn(int $id) => FindPlan::dispatch($id));
            OrderImport::query()
                ->whereNull('ended_at')
                ->pluck('id')
                ->each(static fn(int $id) => ImportOrders::dispatch($id));
        }
        // Of what was begun before runs were kept, the events tell how far it is.
        $unkept = Batch::query()
            ->whereHas('events')
            ->whereNotIn('id', BatchProgress::query()->select('batch_id'));
        foreach ($unkept->lazyById(100) as $batch) {
            Transaction::run(static fn() => BatchStates::anew($batch));
        }
        $projections->bringUp();

        return self::SUCCESS;
    }
}
