<?php

declare(strict_types=1);

namespace Hakama\Needles;

/** What to load for one batch, and the needle of each of its blocks. */
final readonly class BatchNeedles
{
    /**
     * @param list<ConeChange> $load
     * @param list<int>          $order needle per block, as long as the batch has blocks
     */
    public function __construct(public string $id, public array $load, public array $order) {}
}
