<?php

declare(strict_types=1);

namespace Hakama\Calendar;

use InvalidArgumentException;

/** When a machine may be worked on: spans of local time in seconds, rising, not touching what came before. */
final readonly class Hours
{
    /** @param list<array{int, int}> $spans [from, to) */
    private function __construct(public array $spans) {}

    /** @param list<array{int, int}> $spans [from, to), rising */
    public static function of(array $spans): self
    {
        $before = PHP_INT_MIN;
        foreach ($spans as [$from, $to]) {
            if ($from < $before || $to <= $from) {
                throw new InvalidArgumentException('working hours want spans that rise and do not overlap');
            }
            $before = $to;
        }

        return new self($spans);
    }

    /** The same hours with a time cut out of them. */
    public function without(int $from, int $to): self
    {
        $spans = [];
        foreach ($this->spans as [$begins, $ends]) {
            foreach ([[$begins, min($ends, $from)], [max($begins, $to), $ends]] as [$a, $b]) {
                if ($b > $a) {
                    $spans[] = [$a, $b];
                }
            }
        }

        return new self($from >= $to ? $this->spans : $spans);
    }

    /** How many seconds of a stretch of time lie within these hours. */
    public function worked(int $from, int $to): int
    {
        $worked = 0;
        foreach ($this->spans as [$begins, $ends]) {
            if ($begins >= $to) {
                break;
            }
            $worked += max(0, min($ends, $to) - max($begins, $from));
        }

        return $worked;
    }

    /** The earliest time from $earliest on at which $length seconds fit whole into one span; null when none does. */
    public function fit(int $earliest, int $length): ?int
    {
        // Spans rise, so those that are over already are skipped by halving.
        [$low, $high] = [0, count($this->spans)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->spans[$middle][1] <= $earliest) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for ($i = $low; $i < count($this->spans); $i++) {
            [$from, $to] = $this->spans[$i];
            $start = max($from, $earliest);
            if ($start + $length <= $to) {
                return $start;
            }
        }

        return null;
    }
}
