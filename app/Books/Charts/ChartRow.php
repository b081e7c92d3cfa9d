<?php

declare(strict_types=1);

namespace App\Books\Charts;

/** A bar, or some on each other. */
final readonly class ChartRow
{
    /**
     * @param list<float> $values one a series
     * @param string      $href   where it is told in full; '' for nowhere
     * @param bool        $ahead  planned, not sewn yet
     * @param string      $note   what the figures are of: "12 of 14"
     */
    public function __construct(
        public string $label,
        public array $values,
        public string $href = '',
        public bool $ahead = false,
        public string $note = '',
    ) {}
}
