<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Floor\Log\FloorLog;
use Hakama\Floor\EventKind;

/** No more is hooped than there are free frames of the kind, on whatever machine the others are. */
final readonly class FrameFree implements Guard
{
    public function check(Touch $touch): void
    {
        $frame = $touch->running->batch->batch->equipment->frame;
        if ($touch->kind === EventKind::PieceHooped && (FloorLog::freeFrames()[$frame] ?? 0) < 1) {
            throw TouchRefused::at(
                'piece',
                __('floor.frame_free.every_frame_is_in_use_take', ['frame' => $frame]),
            );
        }
    }
}
