<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Foundation\Database\Transaction;
use Illuminate\Support\Facades\DB;

/** All that is kept beside the log of the floor, and how far each has come in it. */
final readonly class Projections
{
    private const AT_ONCE = 1000;
    private const POSITIONS = 'projections';

    /** @var list<Projection> */
    private array $all;

    public function __construct(
        BatchStates $batches,
        NeedleWearCount $wear,
        ThreadUsed $thread,
        ClothUsed $cloth,
        BobbinUsed $bobbins,
        DaySums $days,
    ) {
        $this->all = [$batches, $wear, $thread, $cloth, $bobbins, $days];
    }

    /**
     * Wants the transaction in which the events were written.
     *
     * @param non-empty-list<FloorEvent> $events
     */
    public function append(array $events): void
    {
        foreach ($this->all as $projection) {
            $projection->apply($events);
        }
        $seq = $events[count($events) - 1]->seq;
        DB::table(self::POSITIONS)->upsert(
            array_map(
                static fn(Projection $one): array => ['name' => $one->name(), 'seq' => $seq],
                $this->all,
            ),
            ['name'],
        );
    }

    /** Wants the transaction in which the event was taken out of the log. */
    public function retract(FloorEvent $event): void
    {
        foreach ($this->all as $projection) {
            $projection->retract($event);
        }
    }

    /** Goes on from where each stood, in turns of the shop of their own: whoever writes meanwhile is let in between. */
    public function bringUp(): void
    {
        foreach ($this->all as $projection) {
            do {
                $isBehind = Transaction::run(fn(): bool => $this->step($projection));
            } while ($isBehind);
        }
    }

    /**
     * Works all of it out anew from the first event on. Wants one transaction round it.
     *
     * @return array<string, int> projection => rows that were kept otherwise than they come to
     */
    public function rebuildAll(): array
    {
        $wrong = [];
        foreach ($this->all as $projection) {
            $wrong[$projection->name()] = $this->rebuild($projection);
        }

        return $wrong;
    }

    /** The same for one of them. */
    public function rebuild(Projection $projection): int
    {
        self::remember($projection);
        DB::table(self::POSITIONS)->updateOrInsert(['name' => $projection->name()], ['seq' => 0]);
        $projection->reset();
        while ($this->step($projection)) {
        }

        return self::differing($projection);
    }

    private function step(Projection $projection): bool
    {
        $seq = (int) DB::table(self::POSITIONS)->where('name', $projection->name())->value('seq');
        $events = array_values(
            FloorEvent::query()->where('seq', '>', $seq)->orderBy('seq')->limit(self::AT_ONCE)->get()->all(),
        );
        if ($events === []) {
            return false;
        }
        $projection->apply($events);
        DB::table(self::POSITIONS)->updateOrInsert(
            ['name' => $projection->name()],
            ['seq' => $events[count($events) - 1]->seq],
        );

        return count($events) === self::AT_ONCE;
    }

    /** Puts what is kept now aside, to be compared with. */
    private static function remember(Projection $projection): void
    {
        foreach ($projection->kept() as $table => [$names, $values]) {
            DB::statement("drop temporary table if exists kept_{$table}");
            DB::statement(
                "create temporary table kept_{$table} as select ".implode(', ', [...$names, ...$values])." from {$table}",
            );
        }
    }

    private static function differing(Projection $projection): int
    {
        $wrong = 0;
        foreach ($projection->kept() as $table => [$names, $values]) {
            // A figure that was added up in another order may differ in its last place.
            $same = implode(
                ' and ',
                array_map(
                    static fn(string $column): string => str_ends_with($column, '_m') || str_ends_with($column, '_mm')
                        || str_ends_with($column, '_s') || $column === 'metres_left'
                        ? "abs(n.{$column} - k.{$column}) < 0.001"
                        : "n.{$column} <=> k.{$column}",
                    $values,
                ),
            );
            $by = implode(' and ', array_map(static fn(string $one): string => "n.{$one} = k.{$one}", $names));
            $wrong += (int) DB::selectOne(
                "select (select count(*) from {$table}) + (select count(*) from kept_{$table})
                    - 2 * (select count(*) from {$table} n join kept_{$table} k on {$by})
                    + (select count(*) from {$table} n join kept_{$table} k on {$by} where not ({$same})) as n",
            )->n;
            DB::statement("drop temporary table kept_{$table}");
        }

        return $wrong;
    }
}
