<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Order;
use App\Plan\OpenBatch;
use App\Plan\Queries\PayingSplit;
use App\Plan\Queries\PlanBoard;
use Hakama\Plan\Placed;
use Hakama\Plan\SplitImpact;

/** What it brings that a batch waits for its blanks, and what it would bring to sew what is there first. */
final readonly class BlanksAwaited
{
    public function __construct(private PlanBoard $board) {}

    /** @return array<int, list<array{OpenBatch, list<string>, int}>> line => batch, sentences, pieces that could be run apart */
    public function of(Order $order): array
    {
        $awaited = [];
        foreach ($this->board->batches() as $code => $batch) {
            if ($batch->order->id === $order->id && $batch->lacking->at !== null) {
                [$sentences, $apart] = $this->brings((string) $code, $batch, $batch->lacking->at);
                $awaited[$batch->order->lineId][] = [$batch, $sentences, $apart];
            }
        }

        return $awaited;
    }

    /** @return array{list<string>, int} */
    private function brings(string $code, OpenBatch $batch, int $at): array
    {
        $placed = $this->board->timetable()->find($code);
        $words = [__('orders.blanks.awaited', [
            'code' => $code,
            'pieces' => $batch->lacking->pieces,
            'at' => ShopClock::words(ShopClock::time($at)),
            'started' => $batch->started ? 'yes' : 'no',
            'end' => self::end($placed),
        ])];
        $apart = $batch->lacking->pieces < $batch->left ? $batch->lacking->pieces : 0;
        $frames = PayingSplit::frames($batch, $apart);
        if ($apart === 0 || $frames >= $batch->batch->pieces) {
            return [$words, 0];
        }
        $then = SplitImpact::awaiting(
            $this->board->besidesHeld($code),
            $this->board->sequence(),
            $code,
            $frames,
            $this->board->workload()->now,
        );
        if ($then !== null) {
            $words[] = __('orders.blanks.apart', [
                'here' => $batch->left - $apart,
                'end' => self::end($then->find($code)),
                'rest' => $apart,
                'rest_end' => self::end($then->find(SplitImpact::PART)),
            ]);
        }

        return [$words, $apart];
    }

    private static function end(?Placed $placed): string
    {
        return match (true) {
            $placed === null => __('orders.blanks.no_end'),
            $placed->lateS() > 0 => __('orders.blanks.end_late', ['end' => ShopClock::words(ShopClock::time($placed->end()))]),
            default => ShopClock::words(ShopClock::time($placed->end())),
        };
    }
}
