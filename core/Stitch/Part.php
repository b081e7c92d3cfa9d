<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** What of a pattern is sewn at one hooping, as a pattern of its own whose nought is the mark on the cloth. */
final readonly class Part
{
    /**
     * @param array<int, int> $blocks number of a block of the whole, from 1 => how many of its stitches are in this
     *     part; in sewing order, without those that have none here
     */
    public function __construct(public Pattern $pattern, public array $blocks) {}

    public function stitches(): int
    {
        return array_sum($this->blocks);
    }
}
