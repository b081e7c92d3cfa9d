<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use Hakama\Calendar\Hands;
use Hakama\Plan\Handwork;

/**
 * Below the lanes: how many hands the plan wants at once through the time that is shown, and how many people are in.
 */
final readonly class HandsRow
{
    public const HEIGHT = 52;
    /** One person is at most so high. */
    private const PERSON = 15.0;

    /**
     * @param list<array{float, float, int}>      $work    x from, to, and hands wanted at once
     * @param list<array{float, float, int, int}> $people  x from, to, how many are in, and how many machines can be
     *     tended
     * @param int                                 $wantedS seconds of hands in what is shown
     * @param int                                 $beyondS of them wanted while all who are in have theirs full
     */
    public function __construct(public array $work, public array $people, public int $wantedS, public int $beyondS) {}

    public static function of(
        TimeAxis $axis,
        Handwork $handwork,
        Hands $machines,
        Hands $people,
        int $lanes,
    ): self {
        $work = $in = [];
        $wantedS = $beyondS = 0;
        $times = array_unique([...$machines->times, ...$people->times, ...array_merge(...$people->nobody, ...[[]])]);
        sort($times);
        foreach ($axis->days as [$from, $to]) {
            $wantedS += $handwork->seconds($from, $to);
            $beyondS += $handwork->beyond($people, $from, $to);
            foreach ($handwork->steps as [$begins, $ends, $count]) {
                if ($begins < $to && $ends > $from) {
                    $work[] = [$axis->x(max($begins, $from)), $axis->x(min($ends, $to)), $count];
                }
            }
            $moments = [
                $from,
                ...array_values(array_filter($times, static fn(int $time): bool => $time > $from && $time < $to)),
                $to,
            ];
            for ($i = 1; $i < count($moments); $i++) {
                $none =
                    array_filter(
                        $people->nobody,
                        static fn(array $span): bool => $span[0] <= $moments[$i - 1] && $moments[$i - 1] < $span[1],
                    ) !== [];
                $in[] = [
                    $axis->x($moments[$i - 1]),
                    $axis->x($moments[$i]),
                    $none ? 0 : $people->at($moments[$i - 1]),
                    // However many they could tend, there are no more than the shop has.
                    $none ? 0 : min($lanes, $machines->at($moments[$i - 1])),
                ];
            }
        }

        return new self($work, $in, $wantedS, $beyondS);
    }

    /** How high one person is drawn. */
    public function unit(): float
    {
        return min(
            self::PERSON,
            (self::HEIGHT - 8) / max(1, ...array_column($this->work, 2), ...array_column($this->people, 2)),
        );
    }

    /** The hands that are wanted, as one outline that stands on a line. */
    public function outline(float $y): string
    {
        [$path, $unit] = ['', $this->unit()];
        foreach ($this->work as [$from, $to, $count]) {
            $path .= sprintf('M%.1f %.1fV%.1fH%.1fV%.1fz', $from, $y, $y - $count * $unit, $to, $y);
        }

        return $path;
    }

    /** The same, only where more hands are wanted than there are. */
    public function beyond(float $y): string
    {
        [$path, $unit] = ['', $this->unit()];
        foreach ($this->people as [$begins, $ends, $in]) {
            foreach ($this->work as [$from, $to, $count]) {
                if ($count > $in && $from < $ends && $to > $begins) {
                    $path .= sprintf(
                        'M%.1f %.1fV%.1fH%.1fV%.1fz',
                        max($from, $begins),
                        $y - $in * $unit,
                        $y - $count * $unit,
                        min($to, $ends),
                        $y - $in * $unit,
                    );
                }
            }
        }

        return $path;
    }

    public function words(): string
    {
        $minutes = (int) round($this->wantedS / 60);
        $beyond = (int) round($this->beyondS / 60);

        return __('plan.hands_row.min_of_peoples_time', ['minutes' => $minutes, 'value' => $beyond === 0
                ? __('plan.hands_row.never_more_at_once_than_there')
                : __('plan.hands_row.of_them_when_everybody_is_busy', ['beyond' => $beyond])]);
    }
}
