<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use InvalidArgumentException;

/**
 * How many machines can be in changeover or running at once: the people who are in, times how many each tends. People
 * come and go, so it holds from one time to the next.
 */
final readonly class Hands
{
    /**
     * @param non-empty-list<int>    $counts from the beginning, and from each time on; each 1 or more, where all who
     *     are in are counted
     * @param list<int>              $times  seconds of local time, rising; one fewer than counts
     * @param list<array{int, int}>  $nobody [from, to) while nobody is in
     */
    private function __construct(public array $counts, public array $times, public array $nobody) {}

    public static function always(int $count): self
    {
        return self::of($count, 1);
    }

    /**
     * While nobody is in, nothing is begun, and what is on a machine stays there: such a time is cut out of the working
     * hours (`$nobody`), and the count stays as it was before.
     *
     * @param int                        $people  who are in as a rule
     * @param float                      $each    machines that one person tends; what is over is nobody's
     * @param list<array{int, int, int}> $changes [from, to) and how many people more, or fewer, are in then; they may
     *     overlap
     */
    public static function of(int $people, float $each, array $changes = []): self
    {
        if ($people < 1 || $each < 1) {
            throw new InvalidArgumentException('a shop has at least one person, who tends at least one machine');
        }
        $counts = [(int) ($people * $each)];
        $times = $nobody = [];
        $since = null;
        foreach (self::stepsOf($changes) as $time => $more) {
            $people += $more;
            if ($people < 1) {
                $since ??= $time;
                continue;
            }
            if ($since !== null) {
                $nobody[] = [$since, $time];
                $since = null;
            }
            $count = (int) ($people * $each);
            if ($count !== $counts[count($counts) - 1]) {
                $counts[] = $count;
                $times[] = $time;
            }
        }

        return new self($counts, $times, $nobody);
    }

    /**
     * Those alone who may do something. While none of them is in, nothing of it is begun, and nothing runs that they
     * would have to tend.
     *
     * @param int                        $people  of them, in as a rule
     * @param float                      $each    machines that one of them tends
     * @param list<array{int, int, int}> $changes [from, to) and how many of them more, or fewer, are in then; they may
     *     overlap
     */
    public static function able(int $people, float $each, array $changes = []): self
    {
        $counts = [(int) (max(0, $people) * $each)];
        $times = [];
        foreach (self::stepsOf($changes) as $time => $more) {
            $people += $more;
            $count = (int) (max(0, $people) * $each);
            if ($count !== $counts[count($counts) - 1]) {
                $counts[] = $count;
                $times[] = $time;
            }
        }

        return new self($counts, $times, []);
    }

    /**
     * @param list<array{int, int, int}> $changes
     *
     * @return array<int, int> time => how many come, or go, then; rising
     */
    private static function stepsOf(array $changes): array
    {
        $by = [];
        foreach ($changes as [$from, $to, $more]) {
            if ($from < $to) {
                $by[$from] = ($by[$from] ?? 0) + $more;
                $by[$to] = ($by[$to] ?? 0) - $more;
            }
        }
        ksort($by);

        return $by;
    }

    public function at(int $time): int
    {
        return $this->counts[$this->step($time)];
    }

    /** Which of the counts holds at a time, 0 for the first. */
    public function step(int $time): int
    {
        [$low, $high] = [0, count($this->times)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->times[$middle] <= $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** The most that there ever are. */
    public function most(): int
    {
        return max($this->counts);
    }

    /** The same people, with some machines more, or fewer, tended at once from one time to another. */
    public function more(int $count, int $from = PHP_INT_MIN, int $to = PHP_INT_MAX): self
    {
        $moments = array_unique([
            ...$this->times,
            ...array_filter(
                [$from, $to],
                static fn(int $time): bool => $time !== PHP_INT_MIN && $time !== PHP_INT_MAX,
            ),
        ]);
        sort($moments);
        $counts = $times = [];
        foreach ([PHP_INT_MIN, ...$moments] as $time) {
            $then = max(1, $this->at($time) + ($from <= $time && $time < $to ? $count : 0));
            if ($counts === []) {
                $counts[] = $then;
            } elseif ($then !== $counts[count($counts) - 1]) {
                $counts[] = $then;
                $times[] = $time;
            }
        }

        return new self($counts, $times, $this->nobody);
    }
}
