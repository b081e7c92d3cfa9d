<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** What it costs to make a machine ready for another batch, seconds. */
final readonly class Changeover
{
    /**
     * @param array<string, int> $driverS "from>to" => seconds
     * @param int                $loadS   to load a design and trace it
     * @param int                $needleS to fit another needle at one needle bar of one head
     * @param int                $againS  instead of loading, where the same design goes on in the same frame
     */
    public function __construct(
        public int $loadS = 180,
        public int $frameS = 240,
        public int $threadS = 150,
        public array $driverS = [],
        public int $needleS = 0,
        public int $againS = 0,
    ) {}

    public function driverS(string $from, string $to): int
    {
        return $from === $to ? 0 : $this->driverS["{$from}>{$to}"] ?? 0;
    }
}
