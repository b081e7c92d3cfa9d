<?php

declare(strict_types=1);

namespace Tests\Core\Needles;

use Hakama\Machine\Rack;
use Hakama\Needles\Demand;
use Hakama\Needles\PinAdvice;
use Hakama\Needles\ThreadNeeds;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PinAdviceTest extends TestCase
{
    #[Test]
    public function a_thread_that_comes_back_beyond_what_is_known_is_worth_a_pin(): void
    {
        // Two needles and two batches known: white comes every third time, so it is always off again when it is wanted.
        $history = self::batches(['white'], ['a'], ['b'], ['c'], ['white'], ['d'], ['e'], ['f'], ['white']);
        $advice = PinAdvice::of(Rack::of(2), $history, new ThreadNeeds(), known: 2);

        self::assertSame(9, $advice->changes);
        self::assertSame([['thread' => 'white', 'uses' => 3, 'saves' => 2]], $advice->pins);
        self::assertSame(2, $advice->saves());
    }

    #[Test]
    public function what_is_known_far_enough_ahead_needs_no_pin(): void
    {
        $history = self::batches(['white'], ['a'], ['b'], ['white'], ['c'], ['d'], ['white']);

        self::assertSame([], PinAdvice::of(Rack::of(2), $history, new ThreadNeeds(), known: 4)->pins);
    }

    #[Test]
    public function what_is_pinned_already_or_used_once_is_not_advised_and_sizes_are_kept(): void
    {
        $history = self::batches(['white'], ['a'], ['b'], ['c'], ['white'], ['d'], ['e'], ['f'], ['white']);
        self::assertSame(
            [],
            PinAdvice::of(Rack::of(2, [1 => 'white'], [1]), $history, new ThreadNeeds(), known: 2)->pins,
        );
        self::assertSame(
            [],
            PinAdvice::of(Rack::of(2), self::batches(['white'], ['a'], ['b']), new ThreadNeeds(), known: 2)->pins,
        );
        // White wants a fine needle and there is none: it cannot be loaded at all, so it is not pinned.
        self::assertSame(
            [],
            PinAdvice::of(
                Rack::of(2, sizes: [1 => '75/11', 2 => '75/11']),
                $history,
                new ThreadNeeds(['white' => '65/9']),
                known: 2,
            )->pins,
        );
    }

    /**
     * @param non-empty-list<string> ...$blocks
     *
     * @return list<Demand>
     */
    private static function batches(array ...$blocks): array
    {
        return array_map(
            static fn(array $one, int $i): Demand => new Demand("b{$i}", $one),
            array_values($blocks),
            array_keys(array_values($blocks)),
        );
    }
}
