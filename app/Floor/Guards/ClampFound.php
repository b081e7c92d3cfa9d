<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Setup\Actions\Clamps;
use App\Shop\Catalogue\Catalogue;
use Hakama\Floor\EventKind;

/** In a clamp whose true centre nobody ever found on this machine, nothing is sewn: no tick stands for it. */
final readonly class ClampFound implements Guard
{
    public function __construct(private Catalogue $catalogue, private Clamps $clamps) {}

    public function check(Touch $touch): void
    {
        if ($touch->kind !== EventKind::PreflightDone) {
            return;
        }
        $frame = $this->catalogue->frames()->firstWhere('code', $touch->running->batch->batch->equipment->frame);
        $row = $frame === null ? null : $this->clamps->on($touch->station->machine, $frame);
        if ($row !== null && $row->found === null) {
            throw TouchRefused::at(
                'checked',
                __('floor.clamp_found.the_true_centre_of_on_is', [
                    'code' => $row->frame->code,
                    'code_2' => $row->machine->code,
                ]),
            );
        }
    }
}
