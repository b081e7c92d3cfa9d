<?php

declare(strict_types=1);

namespace App\Plan;

use App\Clock\ShopClock;
use App\Formats\Csv;
use App\Models\Machine;
use Carbon\CarbonImmutable;
use Hakama\Plan\Placed;
use Sabre\VObject\Component\VCalendar;

/** The plan for other programs: calendars of machines and of promises, and a list. */
final class PlanExport
{
    public static function machine(PlanBoard $board, Machine $machine): string
    {
        $calendar = new VCalendar(['X-WR-CALNAME' => "{$machine->code} {$machine->name}"]);
        foreach ($board->timetable()->on($machine->code) as $placed) {
            $batch = $board->batches()[$placed->batch->id];
            self::event(
                $calendar,
                "batch-{$batch->code}",
                $placed->changeoverStart,
                $placed->end(),
                "{$batch->code} {$batch->design->name}",
                sprintf(
                    "%d pieces of %s for %s, frame %s.\nSet-up %d min, first load %s, due %s.",
                    $batch->left,
                    $batch->setup->garment,
                    $batch->order->customer,
                    $batch->batch->equipment->frame,
                    (int) round($placed->changeoverS / 60),
                    ShopClock::time($placed->start())->format('H:i'),
                    $batch->order->dueAt->format('D j M H:i'),
                ),
            );
        }

        return $calendar->serialize();
    }

    /** One entry an order: due then, and when it ends by the plan. */
    public static function promises(PlanBoard $board, string $customer): string
    {
        $calendar = new VCalendar(['X-WR-CALNAME' => "Promised to {$customer}"]);
        $orders = [];
        foreach ($board->batches() as $batch) {
            if ($batch->order->customer === $customer) {
                $orders[$batch->order->number][] = $batch;
            }
        }
        foreach ($orders as $number => $batches) {
            $ends = array_map(
                static fn(OpenBatch $batch): ?int => $board->timetable()->find($batch->code)?->end(),
                $batches,
            );
            $due = ShopClock::seconds($batches[0]->order->dueAt);
            self::event(
                $calendar,
                "order-{$number}",
                $due - 900,
                $due,
                "No. {$number} is due",
                sprintf(
                    '%d pieces left. %s',
                    array_sum(array_column($batches, 'left')),
                    in_array(null, $ends, true)
                        ? 'Not all of it is planned yet.'
                        : 'By the plan it ends '.
                            ShopClock::time(max(array_filter($ends, is_int(...))))->format('D j M H:i').
                            '.',
                ),
            );
        }

        return $calendar->serialize();
    }

    public static function csv(PlanBoard $board): string
    {
        $time = static fn(int $seconds): string => ShopClock::time($seconds)->format('Y-m-d H:i:s');
        $placed = $board->timetable()->placed;
        usort(
            $placed,
            static fn(Placed $a, Placed $b): int => [$a->machine, $a->changeoverStart] <=> [
                $b->machine,
                $b->changeoverStart,
            ],
        );

        return Csv::write(
            [
                'machine',
                'batch',
                'order',
                'customer',
                'artwork',
                'pieces',
                'frame',
                'setup_start',
                'setup_min',
                'start',
                'end',
                'due',
                'late_min',
                'load_needles',
            ],
            array_map(static function (Placed $one) use ($board, $time): array {
                $batch = $board->batches()[$one->batch->id];

                return [
                    $one->machine,
                    $batch->code,
                    (string) $batch->order->number,
                    $batch->order->customer,
                    $batch->design->name,
                    (string) $batch->left,
                    $batch->batch->equipment->frame,
                    $time($one->changeoverStart),
                    (string) round($one->changeoverS / 60, 1),
                    $time($one->start()),
                    $time($one->end()),
                    $batch->order->dueAt->format('Y-m-d H:i:s'),
                    (string) round($one->lateS() / 60, 1),
                    implode(
                        ' ',
                        array_map(
                            static fn($change): string => "{$change->needle}:{$change->to}",
                            $one->changes->cones->load,
                        ),
                    ),
                ];
            }, $placed),
        );
    }

    /** Moments are written in universal time: right on every calendar, over clock changes too. */
    private static function event(
        VCalendar $calendar,
        string $uid,
        int $from,
        int $to,
        string $title,
        string $text,
    ): void {
        $calendar->add('VEVENT', [
            'UID' => "{$uid}@hakama",
            'DTSTAMP' => CarbonImmutable::now()->utc()->toDateTimeImmutable(),
            'DTSTART' => ShopClock::time($from)->utc()->toDateTimeImmutable(),
            'DTEND' => ShopClock::time($to)->utc()->toDateTimeImmutable(),
            'SUMMARY' => $title,
            'DESCRIPTION' => $text,
        ]);
    }
}
