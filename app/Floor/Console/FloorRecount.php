<?php

declare(strict_types=1);

namespace App\Floor\Console;

use App\Floor\Actions\RecountFloor;
use Illuminate\Console\Command;

final class FloorRecount extends Command
{
    protected $signature = 'floor:recount';
    protected $description = 'Works the state of every piece out anew from the events of the floor';

    public function handle(RecountFloor $floor): int
    {
        $recount = $floor->all();
        $this->components->info(
            sprintf(
                '%d pieces worked out from their events; %s.',
                $recount->pieces,
                $recount->wrong === 0
                    ? 'all were kept right'
                    : "{$recount->wrong} were kept otherwise and are put right",
            ),
        );

        foreach ($recount->misfits as $misfit) {
            $this->components->error(
                "{$misfit->words()}: it cannot have followed on what was recorded before. Its batch stands where the one before it has brought it; ".
                    'void it at /floor/'.$misfit->event->machine->code.'/corrections.',
            );
        }

        return $recount->misfits === [] ? self::SUCCESS : self::FAILURE;
    }
}
