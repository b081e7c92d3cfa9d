<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** A batch cannot be sewn on this rack at all. */
final class NoNeedleFits extends Refusal
{
    public static function thread(string $batch, string $thread, ?string $size): self
    {
        return new self(
            new Text('needles.no_needle_fits.thread', [
                'batch' => $batch,
                'thread' => $thread,
                'size' => $size ?? '',
            ]),
        );
    }
}
