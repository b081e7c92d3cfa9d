<?php

declare(strict_types=1);

namespace App\Books\Charts;

/** Figures that are drawn: the table behind says the same. */
final readonly class Chart
{
    /**
     * @param string         $says   what is seen at first sight, one sentence
     * @param string         $rows   what the rows are, as the head of their column
     * @param list<string>   $series what the figures of a row are, drawn on each other in this order
     * @param string         $unit   of all figures
     * @param list<ChartRow> $figures
     * @param string         $because where the figures come from
     * @param float|null     $line   what they are held against
     */
    public function __construct(
        public string $says,
        public string $rows,
        public array $series,
        public string $unit,
        public array $figures,
        public int $decimals,
        public string $because,
        public ?float $line = null,
    ) {}
}
