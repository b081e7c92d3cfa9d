<?php

declare(strict_types=1);

namespace App\Thread;

use App\Plan\BatchBlock;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Thread\ShelfForecast;
use Hakama\Thread\ThreadDemand;
use Hakama\Thread\ThreadUse;

/** What thread the open orders want: by day and by order, against what stands on the shelf. */
final readonly class ThreadNeed
{
    private const NEAR_DAYS = 7;

    /**
     * @param array<string, array<string, float>> $byDay   day, or "not planned" => thread => metres
     * @param array<int, array<string, float>>    $byOrder order number => thread => metres
     * @param array<string, float>                $bobbinM day => metres of bobbin thread
     */
    private function __construct(
        public array $byDay,
        public array $byOrder,
        public array $bobbinM,
        public float $perBobbinM,
        public ShelfForecast $forecast,
    ) {}

    /** @param array<string, float> $metres thread => metres on the shelf */
    public static function of(PlanBoard $board, House $house, array $metres): self
    {
        $rules = $house->rules();
        $factors = $rules->threadUse();
        $byDay = $byOrder = $bobbinM = $demands = [];
        foreach ($board->batches() as $batch) {
            $uses = array_map(
                static fn(BatchBlock $block): ThreadUse => ThreadUse::of(
                    $block->lengthMm,
                    $block->sheet->stitches,
                    $factors,
                ),
                $batch->design->blocks,
            );
            foreach (self::piecesByDay($batch, $board) as $day => [$pieces, $at]) {
                foreach ($batch->batch->equipment->threads as $i => $thread) {
                    $use = $uses[$i];
                    $byDay[$day][$thread] = ($byDay[$day][$thread] ?? 0) + $pieces * $use->topM;
                    $byOrder[$batch->order->number][$thread] =
                        ($byOrder[$batch->order->number][$thread] ?? 0) + $pieces * $use->topM;
                    $bobbinM[$day] = ($bobbinM[$day] ?? 0) + $pieces * $use->bobbinM;
                    $demands[] = new ThreadDemand($thread, $pieces * $use->topM, $at, $batch->code);
                }
            }
        }
        ksort($byDay);
        ksort($byOrder);
        ksort($bobbinM);

        return new self(
            $byDay,
            $byOrder,
            $bobbinM,
            $rules->value(HouseRule::BobbinHolds),
            ShelfForecast::of($metres, $demands),
        );
    }

    /** @return list<string> a week is looked at day by day; what lies further off is one sum */
    public function nearDays(): array
    {
        return array_slice(array_keys($this->byDay), 0, self::NEAR_DAYS);
    }

    /** @return array<string, float> thread => metres wanted after the near days */
    public function later(): array
    {
        $metres = [];
        foreach (array_slice($this->byDay, self::NEAR_DAYS) as $byThread) {
            foreach ($byThread as $thread => $m) {
                $metres[$thread] = ($metres[$thread] ?? 0.0) + $m;
            }
        }

        return $metres;
    }

    public function bobbins(string $day): int
    {
        return ShelfForecast::bobbins($this->bobbinM[$day] ?? 0.0, $this->perBobbinM);
    }

    public function bobbinsLater(): int
    {
        return ShelfForecast::bobbins(array_sum(array_slice($this->bobbinM, self::NEAR_DAYS)), $this->perBobbinM);
    }

    public function bobbinsInAll(): int
    {
        return ShelfForecast::bobbins(array_sum($this->bobbinM), $this->perBobbinM);
    }

    public static function dayLabel(string $day): string
    {
        return $day === 'not planned' ? 'not planned yet' : CarbonImmutable::parse($day)->format('D j M');
    }

    /**
     * @return array<string, array{int, int}> day => pieces sewn on it and the start of its first load; what is not
     *     planned comes last
     */
    private static function piecesByDay(OpenBatch $batch, PlanBoard $board): array
    {
        $placed = $board->timetable()->find($batch->code);
        if ($placed === null) {
            return ['not planned' => [$batch->left, PHP_INT_MAX]];
        }
        $heads = $board->machines()->firstWhere('code', $placed->machine)->heads ?? 1;
        $left = $batch->left;
        $days = [];
        foreach ($placed->loads as [$from]) {
            $pieces = min($heads, $left);
            $left -= $pieces;
            $day = gmdate('Y-m-d', $from);
            $days[$day] = [($days[$day][0] ?? 0) + $pieces, $days[$day][1] ?? $from];
        }

        return $days;
    }
}
