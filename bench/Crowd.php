<?php

declare(strict_types=1);

namespace Bench;

use App\Artwork\Models\Artwork;
use App\Floor\Projections\Projections;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/**
 * A shop of some years, whole: what the demo lived through in its quarter, lived before it again and again, every four
 * weeks, by more machines, customers and artworks; and what is open in it, ordered again for the weeks to come. Every
 * table that grows with a shop's years grows; numbers and the log go in the order of time. There has to be room below
 * the demo: prepare() comes before it is loaded.
 */
final class Crowd
{
    private const ROOM = 20_000_000;
    private const GROWING = [
        'orders',
        'order_lines',
        'decorations',
        'batches',
        'pieces',
        'floor_events',
        'finishings',
        'hand_overs',
        'invoices',
        'arrivals',
        'changes',
        'cares',
        'purchases',
    ];

    /** The ids of one life lie so far from those of the next. */
    private int $span = 0;

    public static function prepare(): void
    {
        foreach (self::GROWING as $table) {
            DB::statement("alter table {$table} auto_increment = ".(self::ROOM + 1));
        }
    }

    /** @param int $open batches that wait for their machines, at least */
    public function load(int $orders, int $machines, int $open): void
    {
        DB::statement('set foreign_key_checks = 0, unique_checks = 0');
        foreach (self::GROWING as $table) {
            $last = (int) DB::table($table)->max(self::key($table)) - self::ROOM;
            $this->span = max($this->span, $last + 1);
        }
        // The newest numbers stay with the demo.
        DB::statement('update orders set number = number + 1000000 order by number desc');
        DB::statement('update invoices set number = number + 1000000 order by number desc');
        DB::statement("update changes set thing = thing + 1000000 where kind = 'order'");
        $this->machines($machines);

        $done = DB::table('orders')->whereIn('id', DB::table('hand_overs')->select('order_id'))->pluck('id')->all();
        $waiting = DB::table('batches')
            ->whereNotIn('batches.id', DB::table('floor_events')->select('batch_id'))
            ->join('decorations', 'decorations.id', '=', 'batches.decoration_id')
            ->join('order_lines', 'order_lines.id', '=', 'decorations.order_line_id')
            ->pluck('order_id')
            ->all();
        $lives = max(0, (int) ceil(($orders - $open - DB::table('orders')->count()) / count($done)));
        $again = max(0, (int) ceil(($open - count($waiting)) / count($waiting)));
        $groups = max(1, intdiv($machines, 3));
        $others = 1 + intdiv($lives, 5);
        $this->customersAndArtworks($others);
        $this->live($done, array_map(static fn(int $k): array => [
            'k' => -$k,
            'days' => -28 * $k,
            'machine' => 3 * ($k % $groups),
            'other' => intdiv($k, 5),
        ], $lives > 0 ? range(1, $lives) : []));
        $this->log();
        $this->alsoDone($lives);
        $this->live(array_unique($waiting), array_map(static fn(int $k): array => [
            'k' => $k,
            'days' => 7 * (1 + $k % 5),
            'machine' => 3 * ($k % $groups),
            'other' => $k % $others,
        ], $again > 0 ? range(1, $again) : []));
        DB::statement('drop table if exists lives, lived');

        DB::statement('update batches join (select batches.id, row_number() over (partition by batches.machine_id order '.
            'by due_at, batches.id) as place from batches join decorations on decorations.id = decoration_id join '.
            'order_lines on order_lines.id = order_line_id join orders on orders.id = order_id) as wanted using (id) set '.
            'batches.rank = wanted.place where batches.machine_id is not null');
        DB::statement('update order_numbers set last = (select max(number) from orders)');
        DB::statement('set foreign_key_checks = 1, unique_checks = 1');
        DB::table('projections')->update(['seq' => DB::table('floor_events')->max('seq')]);
        app(Projections::class)->bringUp();
        DB::statement('analyze table '.implode(', ', self::GROWING).', setups, setup_times, day_sums, batch_runs');
    }

    /** What is in it, for whoever wants to know. */
    public static function told(): string
    {
        return sprintf(
            '%d orders, %d pieces, %d events, %d machines, %d open batches',
            DB::table('orders')->count(),
            DB::table('pieces')->count(),
            DB::table('floor_events')->count(),
            DB::table('machines')->count(),
            DB::table('pieces')->where('state', '!=', 'done')->distinct()->count('decoration_id'),
        );
    }

    /** Others like the three that are there, with needles of their own, and frames and people for them. */
    private function machines(int $machines): void
    {
        DB::table('frames')->update(['count' => DB::raw('count * '.intdiv($machines + 2, 3))]);
        DB::table('house_rules')->insert(['name' => HouseRule::People->value, 'value' => 1 + intdiv($machines, 2)]);
        for ($id = 4; $id <= $machines; $id++) {
            $of = 1 + ($id - 1) % 3;
            self::copy('machines', "t.id = {$of}", [
                'id' => (string) $id,
                'code' => "'M{$id}'",
                'token_hash' => "sha2('M{$id}', 256)",
            ]);
            self::copy('needles', "t.machine_id = {$of}", ['id' => "t.id + 1000 * {$id}", 'machine_id' => (string) $id]);
            foreach (['needle_fittings', 'cares'] as $table) {
                self::copy($table, "t.machine_id = {$of}", [
                    'seq' => 'null',
                    'machine_id' => (string) $id,
                    'event_id' => self::uuid('event_id', (string) $id),
                ]);
            }
            self::copy('setup_times', "t.machine_id = {$of}", ['machine_id' => (string) $id]);
        }
    }

    /** Each with a name, and each artwork with a tape, of its own. */
    private function customersAndArtworks(int $others): void
    {
        $tapes = Artwork::query()->get()->map(static fn(Artwork $one): array => [
            $one->id,
            Storage::exists("tapes/{$one->checksum}.dst") ? (string) Storage::get("tapes/{$one->checksum}.dst") : null,
        ])->all();
        for ($i = 1; $i < $others; $i++) {
            self::copy('customers', 't.id < 1000', ['id' => "t.id + 1000 * {$i}", 'name' => "concat(t.name, ' {$i}')"]);
            foreach ($tapes as [$id, $tape]) {
                $tape = $tape === null ? null : substr_replace($tape, str_pad("N{$id}-{$i}", 16), 3, 16);
                $checksum = hash('sha256', $tape ?? "{$id}-{$i}");
                $tape === null ?: Storage::put("tapes/{$checksum}.dst", $tape);
                self::copy('artworks', "t.id = {$id}", [
                    'id' => "t.id + 1000 * {$i}",
                    'name' => "concat(t.name, ' {$i}')",
                    'checksum' => "'{$checksum}'",
                    'family_id' => "t.family_id + 1000 * {$i}",
                ]);
            }
            self::copy('artwork_blocks', 't.artwork_id < 1000', [
                'id' => 'null',
                'artwork_id' => "t.artwork_id + 1000 * {$i}",
            ]);
        }
    }

    /**
     * @param list<int>                                                       $orders what is lived again
     * @param list<array{k: int, days: int, machine: int, other: int}> $lives  each by whom, and how many days later
     */
    private function live(array $orders, array $lives): void
    {
        DB::statement('create or replace table lives (k int primary key, days int, machine int, other int)');
        DB::statement('create or replace table lived (id bigint unsigned primary key)');
        DB::table('lives')->insert($lives);
        DB::table('lived')->insert(array_map(static fn(int $id): array => ['id' => $id], array_values($orders)));
        $id = static fn(string $column): string => "t.{$column}";
        $away = "l.k * {$this->span}";
        $later = static fn(string $column): string => "t.{$column} + interval l.days day";
        $machine = 'if(t.machine_id + l.machine > (select max(id) from machines), t.machine_id, t.machine_id + l.machine)';
        $line = 'select id from order_lines where order_id in (select id from lived)';
        $decoration = "select id from decorations where order_line_id in ({$line})";
        $ids = static fn(string ...$columns): array => array_combine($columns, array_map(
            static fn(string $column): string => "cast({$id($column)} as signed) + {$away}",
            $columns,
        ));
        $new = static fn(string $column): array => [$column => self::uuid($column, 'l.k')];
        $of = 't.order_id in (select id from lived)';

        self::copy('orders', 't.id in (select id from lived)', [
            ...$ids('id'),
            'number' => 't.number + 120 * l.k',
            'customer_id' => 't.customer_id + 1000 * l.other',
            // What waits is ordered already.
            'received_at' => "if(l.days > 0, t.received_at, {$later('received_at')})",
            'due_at' => $later('due_at'),
            ...$new('form_id'),
        ], 'lives');
        self::copy('order_lines', $of, $ids('id', 'order_id'), 'lives');
        self::copy('decorations', "t.order_line_id in ({$line})", [
            ...$ids('id', 'order_line_id', 'split_from_id'),
            'artwork_id' => 't.artwork_id + if(t.artwork_id < 1000, 1000 * l.other, 0)',
        ], 'lives');
        self::copy('setups', "t.decoration_id in ({$decoration})", $ids('decoration_id'), 'lives');
        self::copy('setup_times', "t.setup_id in ({$decoration})", $ids('setup_id'), 'lives');
        self::copy('batches', "t.decoration_id in ({$decoration})", [
            ...$ids('id', 'decoration_id'),
            'code' => "concat(if(l.k < 0, 'P', 'N'), abs(l.k), '-', t.id - ".self::ROOM.")",
            'machine_id' => $machine,
        ], 'lives');
        self::copy('pieces', $of, $ids('id', 'order_id', 'decoration_id'), 'lives');
        self::copy('arrivals', "t.order_line_id in ({$line})", [
            ...$ids('id', 'order_line_id'),
            ...$new('form_id'),
            'came_at' => $later('came_at'),
        ], 'lives');
        self::copy('changes', "t.kind = 'order' and t.thing in (select number from orders where id in (select id from lived))", [
            ...$ids('seq'),
            'thing' => 't.thing + 120 * l.k',
            'made_at' => $later('made_at'),
        ], 'lives');
        $past = ['finishings' => ['done_at', [...$ids('id', 'piece_id', 'order_id'), 'machine_id' => $machine]],
            'invoices' => ['issued_at', [...$ids('id', 'order_id', 'credits_id'), 'number' => 't.number + 120 * l.k']],
            'hand_overs' => ['handed_at', $ids('id', 'order_id')],
        ];
        foreach ($past as $table => [$at, $with]) {
            self::copy($table, $of, [...$with, ...$new('form_id'), $at => $later($at)], 'lives');
        }
        self::copy('said_odds', $of, [
            ...$ids('order_id'),
            'due_at' => $later('due_at'),
            'said_at' => $later('said_at'),
        ], 'lives');
        self::copy('day_sums', $of, [
            ...$ids('order_id'),
            'day' => $later('day'),
            'machine_id' => $machine,
        ], 'lives');
        self::copy('batch_runs', "t.batch_id in (select id from batches where decoration_id in ({$decoration}))", $ids('batch_id'), 'lives');
    }

    /** What grows in a shop as well, and of which the demo has nothing: cuts, confirmed steps, quotes, days that were other. */
    private function alsoDone(int $lives): void
    {
        $past = 'from batches as b where b.id < '.self::ROOM;
        DB::statement("insert into backing_cuts (batch_id, who, pieces, cut_at) select b.id, 'Odo', 12, '2025-01-01' {$past}");
        foreach (['thread', 'frame', 'backing', 'needle', 'trace'] as $step) {
            DB::statement('insert into step_confirmations (event_id, batch_id, code, who, confirmed_at) select '.
                "uuid(), b.id, '{$step}', 'Odo', '2025-01-01' {$past}");
        }
        $asked = json_encode(['pieces' => '24', 'places' => '1', 'stitches' => '6000', 'colours' => '3']);
        DB::statement('insert into kept_quotes (number, form_id, customer, asked, `rows`, pieces, price_cents, least_cents, '.
            "most_cents, cost_cents, state, order_id, who, made_at) select o.number, uuid(), 'Ferry', '{$asked}', '[]', 24, 40000, ".
            "38000, 42000, 21000, if(o.id % 3 = 0, 'declined', 'accepted'), o.id, 'Ilse', o.received_at from orders as o where o.id < ".
            self::ROOM);
        $rows = ['days_off' => [], 'downtimes' => [], 'presences' => [], 'extra_hours' => [], 'stock_counts' => []];
        for ($k = 1; $k <= $lives; $k++) {
            $day = CarbonImmutable::today()->subDays(28 * $k);
            $span = ['from_at' => $day->setTime(12, 0), 'to_at' => $day->setTime(15, 0), 'why' => 'once'];
            $rows['days_off'][] = ['day' => $day->toDateString(), 'why' => 'feast'];
            $rows['extra_hours'][] = $span;
            $rows['downtimes'][] = [...$span, 'machine_id' => 1 + $k % 3];
            $rows['stock_counts'][] = ['kind' => 'bobbin', 'amount' => 40, 'who' => 'Ilse', 'counted_at' => $day];
            $rows['presences'][] = [
                'who' => 'Odo',
                'people' => -1,
                'first_day' => $day->toDateString(),
                'last_day' => $day->addDays(3)->toDateString(),
                'weekdays' => '[1,2,3,4,5]',
            ];
        }
        foreach ($rows as $table => $of) {
            DB::table($table)->insert($of);
        }
    }

    /** What the machines told, one after the other as it was told, ended before the demo's own. */
    private function log(): void
    {
        DB::statement('create or replace table lived_events engine = aria select l.k, t.seq as was, '.self::ROOM.
            ' - (select count(*) from floor_events as e join lived on lived.id = e.order_id) * (select count(*) from lives) '.
            '+ row_number() over (order by t.recorded_at + interval l.days day, l.k, t.seq) as seq '.
            'from floor_events as t join lived on lived.id = t.order_id cross join lives as l');
        DB::statement('alter table lived_events add primary key (seq)');
        $away = "l.k * {$this->span}";
        self::copy('floor_events', '1', [
            'seq' => 'n.seq',
            'event_id' => self::uuid('event_id', 'l.k'),
            'machine_id' => 'if(t.machine_id + l.machine > (select max(id) from machines), t.machine_id, t.machine_id + l.machine)',
            'batch_id' => "cast(t.batch_id as signed) + {$away}",
            'order_id' => "cast(t.order_id as signed) + {$away}",
            'pieces' => "concat('[', ifnull(json_value(t.pieces, '$[0]') + {$away}, ''), ifnull(concat(',', json_value(".
                "t.pieces, '$[1]') + {$away}), ''), ']')",
            'recorded_at' => 't.recorded_at + interval l.days day',
        ], 'lived_events as n straight_join lives as l using (k) straight_join floor_events as t on t.seq = n.was');
        DB::statement('drop table lived_events');
        DB::statement('update batch_runs join (select batch_id, max(seq) as last from floor_events where seq <= '.self::ROOM.
            ' group by batch_id) as e using (batch_id) set batch_runs.seq = e.last');
    }

    /**
     * @param array<string, string> $with by column what is put there instead of what t, the row it is copied from, has
     */
    private static function copy(string $table, string $where, array $with, ?string $times = null): void
    {
        $columns = Schema::getColumnListing($table);
        $values = array_map(static fn(string $one): string => $with[$one] ?? "t.`{$one}`", $columns);
        $from = match ($times) {
            null => "`{$table}` as t",
            'lives' => "lives as l straight_join `{$table}` as t",
            default => $times,
        };
        DB::statement("insert into `{$table}` (`".implode('`, `', $columns).'`) select '.implode(', ', $values).
            " from {$from} where {$where}".($times === null ? '' : ' order by '.($table === 'floor_events' ? 'n.seq' : 'l.k')));
    }

    /** Another of its kind for each other that it is told with. */
    private static function uuid(string $column, string $with): string
    {
        $sign = "md5(concat(t.{$column}, {$with}))";

        return "insert(insert({$sign}, 13, 1, '4'), 17, 1, '8')";
    }

    private static function key(string $table): string
    {
        return in_array($table, ['floor_events', 'changes', 'cares'], true) ? 'seq' : 'id';
    }
}
