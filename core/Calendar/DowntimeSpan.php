<?php

declare(strict_types=1);

namespace Hakama\Calendar;

/** A machine that is down from one time to another, once, or again after so many days: maintenance. */
final readonly class DowntimeSpan
{
    /**
     * @param int $from      seconds of local time
     * @param int $to        after $from
     * @param int $everyDays 0 for once
     */
    public function __construct(
        public string $machine,
        public int $from,
        public int $to,
        public string $why,
        public int $everyDays = 0,
    ) {}

    /**
     * What begins before one time and is not over long before another: of what has come again for years only what is
     * still to come.
     *
     * @return list<array{int, int}> [from, to), rising
     */
    public function times(int $since, int $until): array
    {
        $step = Day::SECONDS * $this->everyDays;
        $skipped = $step === 0 ? 0 : $step * max(0, intdiv($since - $this->to, $step));
        $times = [];
        for (
            [$from, $to] = [$this->from + $skipped, $this->to + $skipped];
            $from < $until;
            [$from, $to] = [$from + $step, $to + $step]
        ) {
            $times[] = [$from, $to];
            if ($step === 0) {
                break;
            }
        }

        return $times;
    }
}
