<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use Hakama\Floor\EventKind;

/** The piece that is put on and the name on the screen are confirmed in one touch: another is not sewn. */
final readonly class NameConfirmed implements Guard
{
    public function check(Touch $touch): void
    {
        $named = $touch->kind === EventKind::LoadStarted ? $touch->running->named() : null;
        if ($named === null) {
            return;
        }
        $refusal = $named->refusal();
        if ($refusal === null && $touch->text !== $named->text) {
            $refusal = (string) __('floor.name_confirmed.the_next_piece_is_mount_that', [
                'label' => $named->label,
                'text' => $named->text,
            ]);
        }
        if ($refusal !== null) {
            throw TouchRefused::at('kind', $refusal);
        }
    }
}
