<?php

declare(strict_types=1);

namespace Hakama\Needles;

/** What a batch asks of the rack: the thread of each of its blocks, in sewing order. */
final readonly class Demand
{
    /** @param non-empty-list<string> $blocks */
    public function __construct(public string $id, public array $blocks) {}

    /** @return non-empty-list<string> each thread once, in order of first use */
    public function threads(): array
    {
        return array_values(array_unique($this->blocks));
    }
}
