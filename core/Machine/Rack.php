<?php

declare(strict_types=1);

namespace Hakama\Machine;

use InvalidArgumentException;

/** The needles of a machine as they stand. */
final readonly class Rack
{
    /** @param array<int, NeedleBar> $needles by number, 1..N without a gap */
    private function __construct(public array $needles) {}

    /**
     * @param int                $count  how many needles the machine has
     * @param array<int, string> $threads needle => thread; needles not named stand empty
     * @param list<int>          $pinned
     * @param array<int, string> $sizes  needle => size fitted
     */
    public static function of(int $count, array $threads = [], array $pinned = [], array $sizes = []): self
    {
        if ($count < 1) {
            throw new InvalidArgumentException('a machine has at least one needle');
        }
        foreach ([...array_keys($threads), ...$pinned, ...array_keys($sizes)] as $number) {
            if ($number < 1 || $number > $count) {
                throw new InvalidArgumentException(
                    sprintf('there is no needle %d on a machine of %d', $number, $count),
                );
            }
        }
        $needles = [];
        for ($number = 1; $number <= $count; $number++) {
            $needles[$number] = new NeedleBar(
                $number,
                $threads[$number] ?? null,
                in_array($number, $pinned, true),
                $sizes[$number] ?? null,
            );
        }

        return new self($needles);
    }

    public function loaded(int $number, string $thread): self
    {
        $needles = $this->needles;
        $needles[$number] = $needles[$number]->with($thread);

        return new self($needles);
    }

    public function withPin(int $number): self
    {
        $needles = $this->needles;
        $needles[$number] = new NeedleBar($number, $needles[$number]->thread, true, $needles[$number]->size);

        return new self($needles);
    }

    public function thread(int $number): ?string
    {
        return $this->needles[$number]->thread;
    }
}
