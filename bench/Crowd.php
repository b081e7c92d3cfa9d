<?php

declare(strict_types=1);

namespace Bench;

use App\Floor\Projections\Projections;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A shop of some years: thousands of finished orders, and forty open ones beside those of the demo. */
final class Crowd
{
    private const OPEN = 40;

    public static function load(int $orders, int $events): void
    {
        $now = CarbonImmutable::now();
        $machines = DB::table('machines')->orderBy('id')->pluck('id')->all();
        $artworks = DB::table('artworks')
            ->whereIn('name', ['Ferry roundel', 'Seed sprig', 'Ringers’ bell', 'Loaf and moon'])
            ->pluck('id')
            ->all();
        $customers = DB::table('customers')->pluck('id')->all();
        $frame = DB::table('frames')->where('code', 'R-12')->value('id');
        $next = static fn(string $table): int => 1 + (int) DB::table($table)->max('id');
        [$order, $line, $decoration, $batch, $piece] = array_map($next, [
            'orders',
            'order_lines',
            'decorations',
            'batches',
            'pieces',
        ]);
        $number = 1 + (int) DB::table('orders')->max('number');
        $orders -= DB::table('orders')->count();
        $each = (int) ceil(($events - DB::table('floor_events')->count()) / ($orders - self::OPEN));
        $rows = [];
        $written = DB::table('floor_events')->count();

        DB::statement('set autocommit = 0');
        for ($i = 0; $i < $orders; $i++) {
            $open = $i >= $orders - self::OPEN;
            $at = $open ? $now->subDays(2) : $now->subMinutes(60 * 24 * 3 + ($orders - $i) * 200);
            $machine = $machines[$i % count($machines)];
            $rows['orders'][] = [
                'id' => $order,
                'number' => $number++,
                'customer_id' => $customers[$i % count($customers)],
                'received_at' => $at,
                'due_at' => $open ? $now->addWeekdays(1 + ($i % 9))->setTime(16, 0) : $at->addDays(2),
                'note' => '',
            ];
            $rows['order_lines'][] = [
                'id' => $line,
                'order_id' => $order,
                'garment' => 'apron',
                'fabric' => 'canvas',
                'style' => 'Oven',
                'colour_name' => 'ecru',
                'colour_hex' => '#e6dcc3',
            ];
            $rows['decorations'][] = [
                'id' => $decoration,
                'order_line_id' => $line,
                'artwork_id' => $artworks[$i % count($artworks)],
                'position' => 'centre',
            ];
            $rows['setups'][] = [
                'decoration_id' => $decoration,
                'frame_id' => $frame,
                'turn_deg' => 0,
                'backing' => 'tear_away',
                'layers' => 2,
                'adhesive' => false,
                'topper' => false,
                'needle_size' => '75/11',
                'needle_point' => 'sharp',
                'speed_spm' => 850,
                'hoop_s' => 90,
            ];
            foreach ($machines as $one) {
                $rows['setup_times'][] = [
                    'setup_id' => $decoration,
                    'machine_id' => $one,
                    'seconds' => 400 + ($i % 300),
                ];
            }
            $rows['batches'][] = [
                'id' => $batch,
                'code' => "B-{$batch}x",
                'decoration_id' => $decoration,
                'machine_id' => $machine,
                'rank' => 100 + $i,
            ];
            $pieces = range($piece, $piece + 11);
            foreach ($pieces as $k => $id) {
                $rows['pieces'][] = [
                    'id' => $id,
                    'order_id' => $order,
                    'decoration_id' => $decoration,
                    'size' => 'one',
                    'number' => $k + 1,
                    'state' => $open ? 'waiting' : 'done',
                ];
            }
            for ($k = 0; ! $open && $k < $each && $written < $events; $k++) {
                $kind = $k === 0 ? 'preflight_done' : ['load_started', 'sewn', 'piece_done'][$k % 3];
                $rows['floor_events'][] = [
                    'event_id' => sprintf('%08x-0000-4000-8000-%012x', $order, $k),
                    'kind' => $kind,
                    'machine_id' => $machine,
                    'batch_id' => $batch,
                    'order_id' => $order,
                    'load' => intdiv($k, 3),
                    'stitch' => $kind === 'sewn' ? 5000 : 0,
                    'clock_s' => $kind === 'sewn' ? 420 : 0,
                    'planned_s' => $kind === 'sewn' ? 400 : 0,
                    'pieces' => json_encode([$pieces[intdiv($k, 3) % 12]]),
                    'piece_count' => $k === 0 ? 0 : 1,
                    'source' => 'hand',
                    'recorded_at' => $at->addSeconds(60 * $k),
                ];
                $written++;
            }
            [$order, $line, $decoration, $batch, $piece] = [
                $order + 1,
                $line + 1,
                $decoration + 1,
                $batch + 1,
                $piece + 12,
            ];
            if ($i % 250 === 249 || $i === $orders - 1) {
                foreach ($rows as $table => $some) {
                    foreach (array_chunk($some, 2000) as $part) {
                        DB::table($table)->insert($part);
                    }
                }
                $rows = [];
            }
        }
        DB::statement('commit');
        DB::statement('set autocommit = 1');
        // What is kept of a log that was written like this is what it says; only the days are added up.
        DB::table('projections')->where('name', '!=', 'days')->update(['seq' => DB::table('floor_events')->max('seq')]);
        app(Projections::class)->bringUp();
        DB::statement('analyze table orders, pieces, floor_events, batches, decorations');
        printf(
            "  %d orders, %d pieces, %d events, %d open batches\n",
            DB::table('orders')->count(),
            DB::table('pieces')->count(),
            DB::table('floor_events')->count(),
            DB::table('pieces')->where('state', '!=', 'done')->distinct()->count('decoration_id'),
        );
    }
}
