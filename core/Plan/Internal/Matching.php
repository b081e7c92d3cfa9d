<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

/**
 * Each row gets a column of its own, so that the sum is least (Kuhn 1955, in the form of shortest augmenting paths with
 * a price on every row and column).
 *
 * @internal
 */
final readonly class Matching
{
    /**
     * @param float             $cost the least sum
     * @param list<list<float>> $costs
     * @param array<int, float> $rowPrice    from 1 on
     * @param array<int, float> $columnPrice from 1 on
     */
    private function __construct(
        public float $cost,
        private array $costs,
        private array $rowPrice,
        private array $columnPrice,
    ) {}

    /** With this column for this row the sum is no less than that. */
    public function with(int $row, int $column): float
    {
        return $this->cost + $this->costs[$row][$column] - $this->rowPrice[$row + 1] - $this->columnPrice[$column + 1];
    }

    /** @param list<list<float>> $costs no fewer columns than rows */
    public static function of(array $costs): self
    {
        $rows = count($costs);
        $count = count($costs[0] ?? []);
        $rowPrice = array_fill(0, $rows + 1, 0.0);
        $columnPrice = array_fill(0, $count + 1, 0.0);
        $rowOf = array_fill(0, $count + 1, 0);
        for ($row = 1; $row <= $rows; $row++) {
            $rowOf[0] = $row;
            $column = 0;
            $slack = array_fill(0, $count + 1, INF);
            $cameFrom = array_fill(0, $count + 1, 0);
            $seen = array_fill(0, $count + 1, false);
            do {
                $seen[$column] = true;
                $at = $rowOf[$column];
                $least = INF;
                $next = 0;
                for ($to = 1; $to <= $count; $to++) {
                    if ($seen[$to]) {
                        continue;
                    }
                    $reduced = $costs[$at - 1][$to - 1] - $rowPrice[$at] - $columnPrice[$to];
                    if ($reduced < $slack[$to]) {
                        $slack[$to] = $reduced;
                        $cameFrom[$to] = $column;
                    }
                    if ($slack[$to] < $least) {
                        $least = $slack[$to];
                        $next = $to;
                    }
                }
                for ($to = 0; $to <= $count; $to++) {
                    if ($seen[$to]) {
                        $rowPrice[$rowOf[$to]] += $least;
                        $columnPrice[$to] -= $least;
                    } else {
                        $slack[$to] -= $least;
                    }
                }
                $column = $next;
            } while ($rowOf[$column] !== 0);
            while ($column !== 0) {
                $rowOf[$column] = $rowOf[$cameFrom[$column]];
                $column = $cameFrom[$column];
            }
        }

        return new self(-$columnPrice[0], $costs, $rowPrice, $columnPrice);
    }
}
