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
                'The first piece has not passed yet: somebody else looks at it, unhooped, under Finish and check. '.
                    'Or say why the batch goes on.',
            );
        }
    }
}
