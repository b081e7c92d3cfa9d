<?php

declare(strict_types=1);

namespace App\FloorLog;

use App\Models\Batch;
use App\Models\FloorEvent;
use App\Models\Machine;
use App\Models\Setup;
use App\Shop\PracticeBook;
use Carbon\CarbonImmutable;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\OutOfTurn;
use Hakama\Floor\Stage;
use Hakama\Garment\Fabric;
use Illuminate\Support\Facades\DB;

/** The log of the floor: events are appended to it, and where a machine stands is read from it. */
final class FloorLog
{
    /** The run of a batch as its events tell it. */
    public static function run(Batch $batch): BatchRun
    {
        return self::runOf(
            $batch->id,
            array_values(
                array_map(
                    intval(...),
                    DB::table('pieces')
                        ->where('decoration_id', $batch->decoration_id)
                        ->orderBy('id')
                        ->pluck('id')
                        ->all(),
                ),
            ),
        );
    }

    /** @param list<int> $pieces all pieces of the batch */
    public static function runOf(int $batchId, array $pieces): BatchRun
    {
        return BatchRun::of(
            $pieces,
            FloorEvent::query()
                ->where('batch_id', $batchId)
                ->orderBy('seq')
                ->get()
                ->map(static fn(FloorEvent $event): Event => $event->toCore()),
        );
    }

    /** The batch a machine is at: the one its last event speaks of, unless that is finished. */
    public static function current(Machine $machine): ?Batch
    {
        $batchId = FloorEvent::query()->where('machine_id', $machine->id)->orderByDesc('seq')->value('batch_id');
        $batch = Batch::query()->find($batchId);

        return $batch === null || self::run($batch)->stage === Stage::Finished ? null : $batch;
    }

    /**
     * Appends one event. The same id again changes nothing and is no error; an event that cannot follow
     * on what is recorded is refused and leaves no trace.
     *
     * @param 'hand'|'machine' $source
     * @param string           $who    stands at the machine; '' where nobody has said
     *
     * @throws OutOfTurn
     */
    public static function append(
        Machine $machine,
        Batch $batch,
        Event $event,
        string $source,
        string $who = '',
    ): BatchRun {
        return DB::transaction(static function () use ($machine, $batch, $event, $source, $who): BatchRun {
            // One writer a machine at a time, so that two touches cannot both follow on the same past.
            DB::table('machines')->where('id', $machine->id)->lockForUpdate()->value('id');
            $before = self::run($batch);
            $after = $before->after($event);
            if ($before->knows($event->id)) {
                return $after;
            }
            FloorEvent::query()->create([
                'event_id' => $event->id,
                'kind' => $event->kind->value,
                'machine_id' => $machine->id,
                'batch_id' => $batch->id,
                'order_id' => DB::table('pieces')->where('decoration_id', $batch->decoration_id)->value('order_id'),
                'load' => $after->load,
                'stitch' => $event->stitch,
                'clock_s' => $event->clockS,
                // Kept with the load once it is sewn, so that planned and real minutes speak of the same loads.
                'planned_s' => $event->kind === EventKind::Sewn ? self::plannedS($machine, $batch) : 0.0,
                'pieces' => $event->pieces,
                'piece_count' => count($event->pieces),
                'cause' => $event->cause?->value,
                'source' => $source,
                'who' => $who,
                'recorded_at' => CarbonImmutable::now(),
            ]);
            self::keepPieceStates($event);
            if ($event->kind === EventKind::Sewn && $batch->decoration->artwork !== null) {
                app(ConeUsage::class)->by($batch->decoration->artwork, count($event->pieces));
            }

            self::practise($batch, $event, $who);

            return $after;
        });
    }

    /** @param list<string> $codes of the steps that were confirmed with an event */
    public static function confirm(string $eventId, Batch $batch, array $codes, string $who): void
    {
        DB::table('step_confirmations')->insertOrIgnore(
            array_map(
                static fn(string $code): array => [
                    'event_id' => $eventId,
                    'batch_id' => $batch->id,
                    'code' => $code,
                    'who' => $who,
                    'confirmed_at' => CarbonImmutable::now(),
                ],
                $codes,
            ),
        );
    }

    /** A piece that is counted, or spoiled, is practice with its cloth and its kind of frame. */
    private static function practise(Batch $batch, Event $event, string $who): void
    {
        if ($who === '' || ! in_array($event->kind, [EventKind::PieceDone, EventKind::PieceSpoiled], true)) {
            return;
        }
        $on = DB::table('decorations as d')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->join('setups as s', 's.decoration_id', '=', 'd.id')
            ->join('frames as f', 'f.id', '=', 's.frame_id')
            ->where('d.id', $batch->decoration_id)
            ->first(['l.fabric', 'f.kind']);
        if ($on !== null) {
            $done = $event->kind === EventKind::PieceDone;
            PracticeBook::add(
                Fabric::from($on->fabric),
                $on->kind,
                $who,
                false,
                $done ? count($event->pieces) : 0,
                $done ? 0 : count($event->pieces),
                $done ? '' : $event->cause?->label() ?? '',
            );
        }
    }

    private static function plannedS(Machine $machine, Batch $batch): float
    {
        return (float) (Setup::query()->find($batch->decoration_id)->sew_s[$machine->id] ?? 0);
    }

    /** What an event makes of its pieces. */
    private static function keepPieceStates(Event $event): void
    {
        $state = match ($event->kind) {
            EventKind::LoadStarted => 'sewing',
            EventKind::PieceDone => 'done',
            EventKind::PieceSpoiled => 'waiting',
            default => null,
        };
        if ($state !== null) {
            DB::table('pieces')
                ->whereIn('id', $event->pieces)
                ->update(['state' => $state]);
        }
    }

    /** Works the state of every piece out anew from the events alone. */
    public static function recount(): int
    {
        return DB::transaction(static function (): int {
            $states = [];
            foreach (
                DB::table('floor_events')
                    ->whereIn('kind', ['load_started', 'piece_done', 'piece_spoiled'])
                    ->orderBy('seq')
                    ->lazy(5000) as $event
            ) {
                foreach (json_decode((string) $event->pieces, true, flags: JSON_THROW_ON_ERROR) as $piece) {
                    $states[$piece] = match ($event->kind) {
                        'load_started' => 'sewing',
                        'piece_done' => 'done',
                        default => 'waiting',
                    };
                }
            }
            DB::table('pieces')->update(['state' => 'waiting']);
            foreach (['sewing', 'done'] as $state) {
                foreach (array_chunk(array_keys($states, $state, true), 5000) as $pieces) {
                    DB::table('pieces')
                        ->whereIn('id', $pieces)
                        ->update(['state' => $state]);
                }
            }

            return count($states);
        });
    }
}
