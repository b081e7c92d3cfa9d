<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Formats\Csv;
use App\Foundation\Words\Dates;
use App\Machine\Models\Machine;
use App\Orders\Models\Customer;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Plan\Placed;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Component\VCalendar;

/** The plan for other programs: calendars of machines and of promises, and a list. */
final class PlanExport
{
    /** Calendar programs ask again after so long. */
    private const REFRESH = 'PT15M';

    public static function machine(PlanBoard $board, Machine $machine): string
    {
        [$calendar, $stamp] = self::calendar("{$machine->code} {$machine->name}");
        foreach ($board->timetable()->on($machine->code) as $placed) {
            $batch = $board->batches()[$placed->batch->id];
            $spans = self::worked($board, $placed);
            foreach ($spans as $i => [$from, $to]) {
                self::event(
                    $calendar,
                    $stamp,
                    'batch-'.$batch->code.($i === 0 ? '' : '-'.($i + 1)),
                    $from,
                    $to,
                    __(count($spans) > 1 ? 'plan.plan_export.part' : 'plan.plan_export.whole', [
                        'code' => $batch->code,
                        'design' => $batch->design->name,
                        'part' => $i + 1,
                        'parts' => count($spans),
                    ]),
                    __('plan.plan_export.pieces_of_for_frame_changeover_min', [
                        'left' => $batch->left,
                        'garment' => $batch->setup->garment,
                        'customer' => $batch->order->customer,
                        'frame' => $batch->batch->equipment->frame,
                        'changeover_s' => (int) round($placed->changeoverS / 60),
                        'start' => Dates::time(ShopClock::time($placed->start())),
                        'due_at' => Dates::dayTime($batch->order->dueAt()),
                    ]),
                );
            }
        }

        return $calendar->serialize();
    }

    /** One entry an open order: due then, and when it ends by the plan, or that it is not planned yet. */
    public static function promises(PlanBoard $board, Customer $customer): string
    {
        [$calendar, $stamp] = self::calendar(__('plan.plan_export.promised_to', ['name' => $customer->name]));
        $ends = [];
        foreach ($board->batches() as $batch) {
            $ends[$batch->order->number][] = $board->timetable()->find($batch->code)?->end();
        }
        $orders = Order::query()
            ->where('customer_id', $customer->id)
            ->whereNull('cancelled_at')
            ->whereHas('lines.decorations.pieces', static fn($pieces) => $pieces->open())
            ->orderBy('due_at')
            ->get();
        $open = Piece::query()
            ->open()
            ->whereIn('order_id', $orders->modelKeys())
            ->groupBy('order_id')
            ->selectRaw('order_id, count(*) as pieces')
            ->pluck('pieces', 'order_id');
        foreach ($orders as $order) {
            $of = $ends[$order->number] ?? [];
            $due = ShopClock::seconds($order->due_at);
            self::event(
                $calendar,
                $stamp,
                "order-{$order->number}",
                $due - 900,
                $due,
                __('plan.plan_export.no_is_due', ['number' => $order->number]),
                __('plan.plan_export.pieces_left', ['open' => (int) ($open[$order->id] ?? 0), 'value' => match (true) {
                    $of === [] => __('plan.plan_export.not_planned_yet'),
                    in_array(null, $of, true) => __('plan.plan_export.not_fully_planned_yet'),
                    default => __('plan.plan_export.planned_to_end', [
                        'value' => Dates::dayTime(ShopClock::time(max([0, ...array_filter($of, is_int(...))]))),
                    ]),
                }]),
            );
        }

        return $calendar->serialize();
    }

    /**
     * @return array{VCalendar, array{CarbonImmutable, int}} with when something of it changed last, and a number that
     *     rises with every change
     */
    private static function calendar(string $name): array
    {
        $log = DB::table('floor_events')->orderByDesc('seq')->first(['seq', 'recorded_at']);
        $changed = array_filter(
            [$log->recorded_at ?? null, Change::query()->max('made_at')],
            static fn(mixed $at): bool => $at !== null,
        );
        $at = $changed === [] ? CarbonImmutable::now() : Moment::read((string) max($changed));
        $calendar = new VCalendar(['X-WR-CALNAME' => $name, 'X-PUBLISHED-TTL' => self::REFRESH]);
        $calendar->add('REFRESH-INTERVAL', self::REFRESH, ['VALUE' => 'DURATION']);

        return [$calendar, [$at, PlanBoard::version() + (int) ($log->seq ?? 0)]];
    }

    /** @return list<array{int, int}> when the machine works at it: a night between two days is none of it */
    private static function worked(PlanBoard $board, Placed $placed): array
    {
        $spans = [];
        foreach ($board->workload()->lanes[$placed->machine]->hours->spans as [$from, $to]) {
            [$from, $to] = [max($from, $placed->changeoverStart), min($to, $placed->end())];
            if ($from < $to) {
                $spans[] = [$from, $to];
            }
        }

        return $spans === [] ? [[$placed->changeoverStart, $placed->end()]] : $spans;
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
                    $batch->order->dueAt()->format('Y-m-d H:i:s'),
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

    /**
     * Moments are written in universal time: right on every calendar, over clock changes too.
     *
     * @param array{CarbonImmutable, int} $stamp
     */
    private static function event(
        VCalendar $calendar,
        array $stamp,
        string $uid,
        int $from,
        int $to,
        string $title,
        string $text,
    ): void {
        // Two shops in one calendar have entries of their own.
        $shop = substr(hash_hmac('sha256', 'calendar', (string) config('app.key')), 0, 12);
        $calendar->add('VEVENT', [
            'UID' => "{$uid}@{$shop}.hakama",
            'DTSTAMP' => $stamp[0]->utc()->toDateTimeImmutable(),
            'LAST-MODIFIED' => $stamp[0]->utc()->toDateTimeImmutable(),
            'SEQUENCE' => $stamp[1],
            'DTSTART' => ShopClock::time($from)->utc()->toDateTimeImmutable(),
            'DTEND' => ShopClock::time($to)->utc()->toDateTimeImmutable(),
            'SUMMARY' => $title,
            'DESCRIPTION' => $text,
        ]);
    }
}
