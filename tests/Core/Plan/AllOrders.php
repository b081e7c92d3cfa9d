<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Sequence;

/** Every order of a few batches, shared out over two machines in every way. */
final class AllOrders
{
    /**
     * @param list<string> $batches
     *
     * @return iterable<Sequence>
     */
    public static function onTwo(array $batches): iterable
    {
        foreach (self::of($batches) as $order) {
            for ($cut = 0; $cut <= count($order); $cut++) {
                yield new Sequence(['M1' => array_slice($order, 0, $cut), 'M2' => array_slice($order, $cut)]);
            }
        }
    }

    /**
     * @param list<string> $batches
     *
     * @return iterable<list<string>>
     */
    private static function of(array $batches): iterable
    {
        if ($batches === []) {
            yield [];
        }
        foreach ($batches as $i => $first) {
            foreach (self::of(array_values(array_diff_key($batches, [$i => 1]))) as $order) {
                yield [$first, ...$order];
            }
        }
    }
}
