<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Thread\Colour;
use Hakama\Thread\ThreadSpec;

/** How the threads of a design stand on the cloth they are sewn on: how far each is from it (CIEDE2000). */
final readonly class OnCloth
{
    /**
     * @param list<float|null> $apart  of each block's thread from the cloth; null where it has none
     * @param list<int>        $hidden blocks that hardly show, from 1
     */
    private function __construct(public array $apart, public array $hidden) {}

    /**
     * @param list<ThreadSpec|null> $threads one per block
     * @param float             $shows   from which difference on a thread shows
     */
    public static function of(array $threads, Colour $cloth, float $shows): self
    {
        $apart = array_map(static fn(?ThreadSpec $thread): ?float => $thread?->colour->differenceTo($cloth), $threads);
        $hidden = array_keys(
            array_filter($apart, static fn(?float $delta): bool => $delta !== null && $delta < $shows),
        );

        return new self($apart, array_map(static fn(int $block): int => $block + 1, $hidden));
    }
}
