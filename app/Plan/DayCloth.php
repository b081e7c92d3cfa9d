<?php

declare(strict_types=1);

namespace App\Plan;

use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Plan\Placed;

/** One working day of the plan as geometry for a drawing: lanes, and on them the folds of each batch. */
final readonly class DayCloth
{
    public const WIDTH = 1180;
    public const LEFT = 92;
    public const LANE = 112;
    public const TOP = 30;

    /** @param array<string, list<Fold>> $lanes machine => folds of that day, by start */
    private function __construct(
        public CarbonImmutable $day,
        public int $dayOffset,
        public int $fromS,
        public int $toS,
        public int $breakFromS,
        public int $breakToS,
        public array $lanes,
        public ?float $nowX,
    ) {}

    public static function of(PlanBoard $board, HouseRules $rules, int $dayOffset): self
    {
        $day = CarbonImmutable::today();
        for ($skip = 0; $skip <= $dayOffset; $skip++) {
            $day = $skip === 0 ? $day : $day->addDay();
            while ($day->isWeekend()) {
                $day = $day->addDay();
            }
        }
        $at = static fn(HouseRule $rule): int => ShopClock::seconds($day) + (int) round(3600 * $rules->value($rule));
        [$from, $to] = [$at(HouseRule::DayStarts), $at(HouseRule::DayEnds)];
        $x = static fn(int $time): float => self::LEFT + (self::WIDTH - self::LEFT) * (min(max($time, $from), $to) - $from) / ($to - $from);

        $lanes = [];
        foreach ($board->shop()->lanes as $machine => $lane) {
            $lanes[$machine] = [];
            foreach ($board->timetable()->on($machine) as $place => $placed) {
                if ($placed->end() > $from && $placed->setupStart < $to) {
                    $lanes[$machine][] = self::fold($placed, $board->batches()[$placed->batch->id], $place, $x, $from, $to);
                }
            }
        }
        $now = $board->shop()->now;

        return new self($day, $dayOffset, $from, $to, $at(HouseRule::BreakStarts), $at(HouseRule::BreakEnds), $lanes, $now >= $from && $now <= $to ? $x($now) : null);
    }

    public function x(int $time): float
    {
        return self::LEFT + (self::WIDTH - self::LEFT) * ($time - $this->fromS) / ($this->toS - $this->fromS);
    }

    public function height(): int
    {
        return self::TOP + self::LANE * count($this->lanes) + 6;
    }

    /** @param callable(int): float $x */
    private static function fold(Placed $placed, OpenBatch $batch, int $place, callable $x, int $from, int $to): Fold
    {
        $loads = [];
        foreach ($placed->loads as [$start, $end]) {
            if ($end > $from && $start < $to) {
                $loads[] = [$x($start), $x($end)];
            }
        }

        return new Fold($placed, $batch, $place, $x($placed->setupStart), $x($placed->setupStart + $placed->setupS), $x($placed->start()), $x($placed->end()), $loads);
    }
}
