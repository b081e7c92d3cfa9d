<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use Hakama\Floor\EventKind;

/** The first piece is looked at before the others are sewn, or somebody says why not. */
final readonly class FirstPieceLooked implements Guard
{
    public function check(Touch $touch): void
    {
        if ($touch->kind === EventKind::LoadStarted && $touch->override === '' && $touch->running->waitsForFirst()) {
            throw TouchRefused::at(
                'override',
                __('floor.first_piece_looked.the_first_piece_has_not_passed'),
            );
        }
    }
}
