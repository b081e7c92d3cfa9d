<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class () extends Migration {
    /** What other versions kept by the clock on the wall; of these rows the framework's own are left alone. */
    private const NOT = ['failed_jobs', 'jobs', 'migrations', 'sent_forms'];
    private const FROM = '2000-01-01';
    private const TO = '2045-01-01';

    public function up(): void
    {
        $zone = new DateTimeZone($this->zone());
        if ($zone->getName() === 'UTC') {
            return;
        }
        DB::transaction(function () use ($zone): void {
            $changes = $this->changes($zone);
            // What was told in the hour that came twice is told apart by the order of the log.
            $second = $this->toldInTheSecondHour($changes);
            foreach ($this->columns() as $table => $columns) {
                $set = array_map(
                    fn(string $column): string => "`{$column}` = `{$column}` - interval ({$this->offset(
                        $column,
                        $changes,
                    )}) second",
                    $columns,
                );
                DB::update("update `{$table}` set ".implode(', ', $set));
            }
            foreach ($second as $seconds => $events) {
                foreach (array_chunk($events, 5000) as $some) {
                    DB::table('floor_events')
                        ->whereIn('seq', $some)
                        ->update(['recorded_at' => DB::raw("recorded_at + interval {$seconds} second")]);
                }
            }
        });
    }

    public function down(): void
    {
        throw new LogicException('by which clock a moment was told is known no more: bring back a backup');
    }

    private function zone(): string
    {
        $kept = DB::table('shops')->value('zone');

        return is_string($kept) && in_array($kept, timezone_identifiers_list(), true)
            ? $kept
            : (string) config('app.timezone');
    }

    /** @return array<string, list<string>> table => its columns that hold a moment */
    private function columns(): array
    {
        $columns = [];
        foreach (
            DB::select(
                "select table_name as t, column_name as c from information_schema.columns where table_schema = ".
                    "database() and data_type in ('datetime', 'timestamp') order by table_name, ordinal_position",
            ) as $column
        ) {
            if (! in_array($column->t, self::NOT, true)) {
                $columns[(string) $column->t][] = (string) $column->c;
            }
        }

        return $columns;
    }

    /** @return list<array{string, int, int}> until when by the wall clock, and how far it was before UTC, and then is */
    private function changes(DateTimeZone $zone): array
    {
        $at = $zone->getTransitions(
            (new DateTimeImmutable(self::FROM))->getTimestamp(),
            (new DateTimeImmutable(self::TO))->getTimestamp(),
        ) ?: [];
        $changes = [];
        for ($i = 1; $i < count($at); $i++) {
            [$was, $is] = [$at[$i - 1]['offset'], $at[$i]['offset']];
            // Of an hour that comes twice the first is meant; one that is leapt over is not.
            $changes[] = [gmdate('Y-m-d H:i:s', $at[$i]['ts'] + max($was, $is)), $was, $is];
        }

        return $changes === []
            ? [[self::TO.' 00:00:00', $zone->getOffset(new DateTimeImmutable(self::FROM)), 0]]
            : $changes;
    }

    /** @param list<array{string, int, int}> $changes */
    private function offset(string $column, array $changes): string
    {
        $cases = array_map(
            static fn(array $one): string => "when `{$column}` < '{$one[0]}' then {$one[1]}",
            $changes,
        );
        $last = $changes[count($changes) - 1];

        return 'case '.implode(' ', $cases).' else '.$last[2].' end';
    }

    /**
     * @param list<array{string, int, int}> $changes
     *
     * @return array<int, list<int>> seconds that came twice => events of the second time
     */
    private function toldInTheSecondHour(array $changes): array
    {
        $second = [];
        foreach ($changes as [$until, $was, $is]) {
            if ($was <= $is) {
                continue;
            }
            $from = gmdate('Y-m-d H:i:s', (int) strtotime("{$until} UTC") - ($was - $is));
            $before = null;
            $again = false;
            foreach (
                DB::table('floor_events')
                    ->where('recorded_at', '>=', $from)
                    ->where('recorded_at', '<', $until)
                    ->orderBy('seq')
                    ->pluck('recorded_at', 'seq') as $seq => $at
            ) {
                $again = $again || ($before !== null && $at < $before);
                $before = $at;
                if ($again) {
                    $second[$was - $is][] = (int) $seq;
                }
            }
        }

        return $second;
    }
};
