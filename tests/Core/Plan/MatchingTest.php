<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Internal\Matching;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class MatchingTest extends TestCase
{
    #[Test]
    public function it_is_as_cheap_as_the_cheapest_of_all_ways_and_says_what_a_choice_costs_at_least(): void
    {
        mt_srand(11);
        for ($case = 0; $case < 200; $case++) {
            $rows = mt_rand(1, 5);
            $columns = mt_rand($rows, 6);
            $costs = [];
            for ($row = 0; $row < $rows; $row++) {
                $costs[] = array_map(
                    static fn(): float => mt_rand(0, 5) === 0 ? 1e9 : mt_rand(0, 900) / 10,
                    range(1, $columns),
                );
            }
            $matching = Matching::of($costs);
            self::assertEqualsWithDelta(self::least($costs, 0, []), $matching->cost, 1e-5);
            foreach ($costs as $row => $of) {
                foreach (array_keys($of) as $column) {
                    $forced = $costs;
                    $forced[$row] = array_fill(0, $columns, 1e12);
                    $forced[$row][$column] = $of[$column];
                    self::assertLessThanOrEqual(
                        self::least($forced, 0, []) + 1e-5,
                        $matching->with($row, $column),
                        'no less than that with this column',
                    );
                }
            }
        }
    }

    /**
     * @param list<list<float>> $costs
     * @param array<int, true>  $taken
     */
    private static function least(array $costs, int $row, array $taken): float
    {
        if (! isset($costs[$row])) {
            return 0.0;
        }
        $least = INF;
        foreach ($costs[$row] as $column => $cost) {
            if (! isset($taken[$column])) {
                $least = min($least, $cost + self::least($costs, $row + 1, $taken + [$column => true]));
            }
        }

        return $least;
    }
}
