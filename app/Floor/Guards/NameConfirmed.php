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
            $refusal = "The next piece is {$named->label}, “{$named->text}”: put that one on, and confirm its name.";
        }
        if ($refusal !== null) {
            throw TouchRefused::at('kind', $refusal);
        }
    }
}
