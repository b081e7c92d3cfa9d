<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use Hakama\Artwork\HoopingTape;
use Hakama\Floor\EventKind;

/** A tape that is another one than was divided would be sewn in part. */
final readonly class HoopingsCurrent implements Guard
{
    public function check(Touch $touch): void
    {
        $running = $touch->running;
        $sewn = array_sum(array_map(static fn(HoopingTape $one): int => $one->stitches(), $running->hoopings));
        if (
            $touch->kind === EventKind::LoadStarted
            && $running->hoopings !== []
            && $sewn !== $running->batch->design->stitches
        ) {
            throw TouchRefused::at(
                'kind',
                __('floor.hoopings_current.the_file_of_has_changed_since', ['name' => $running->batch->design->name]),
            );
        }
    }
}
