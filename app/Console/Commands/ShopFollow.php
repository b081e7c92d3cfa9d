<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Books\DaySums;
use App\Models\Artwork;
use App\Models\Setup;
use App\Setup\SetupChoices;
use Illuminate\Console\Command;

/** Earlier versions did not keep all that this one goes by: what can be worked out is worked out when the shop opens. */
final class ShopFollow extends Command
{
    protected $signature = 'shop:follow';
    protected $description = 'Works out what earlier versions did not keep: the parts of several hoopings, the sums of days';

    public function handle(SetupChoices $choices): int
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
            $choices->divideAnew($artwork);
        }
        DaySums::bringUp();

        return self::SUCCESS;
    }
}
