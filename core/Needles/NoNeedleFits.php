<?php

declare(strict_types=1);

namespace Hakama\Needles;

use RuntimeException;

/** A batch cannot be sewn on this rack at all. */
final class NoNeedleFits extends RuntimeException
{
    public static function thread(string $batch, string $thread, ?string $size): self
    {
        return new self(
            sprintf(
                'batch %s: no unpinned needle can take %s%s',
                $batch,
                $thread,
                $size === null ? '' : sprintf(', which wants a %s needle', $size),
            ),
        );
    }
}
