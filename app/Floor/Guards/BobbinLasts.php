<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use Hakama\Floor\EventKind;

/** Once a cap or a tube is on nobody gets at the bobbin without losing the place. */
final readonly class BobbinLasts implements Guard
{
    public function check(Touch $touch): void
    {
        $station = $touch->station;
        $covered = in_array('bobbin_before_mount', array_column($touch->running->work->steps, 'code'), true);
        if (
            $touch->kind === EventKind::LoadStarted
            && $covered
            && $station->bobbinM > 0.0
            && $station->bobbin->pieces($station->bobbinM) < 1
        ) {
            throw TouchRefused::at('kind', __('floor.bobbin_lasts.no_piece_has_been_mounted_yet', [
                'bobbin_words' => $station->bobbinWords(),
            ]));
        }
    }
}
