<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Floor\Models\FloorEvent;
use App\Foundation\Words\Dates;
use App\Machine\Models\Machine;
use App\Orders\Models\Piece;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;

/** Something recorded of late at a machine that could have been a mistake. */
final readonly class Corrigible
{
    private const SHOWN = 8;

    private function __construct(public int $seq, public int $piece, public EventKind $by, public string $words) {}

    /** @return list<self> newest first */
    public static function at(Machine $machine): array
    {
        $events = FloorEvent::query()
            ->with('batch')
            ->where('machine_id', $machine->id)
            ->whereIn('kind', [EventKind::PieceDone, EventKind::PieceSpoiled, EventKind::SpoilWithdrawn])
            ->orderByDesc('seq')
            ->limit(3 * self::SHOWN)
            ->get();
        $pieces = Piece::query()
            ->whereKey($events->pluck('pieces')->flatten()->unique()->all())
            ->get()
            ->keyBy('id');
        $of = $withdrawn = [];
        foreach ($events as $event) {
            foreach ($event->pieces as $id) {
                $piece = $pieces[$id] ?? null;
                $key = "{$event->batch_id} {$id}";
                if ($event->kind === EventKind::SpoilWithdrawn) {
                    $withdrawn[$key] = ($withdrawn[$key] ?? 0) + 1;
                } elseif ($event->kind === EventKind::PieceSpoiled && ($withdrawn[$key] ?? 0) > 0) {
                    $withdrawn[$key]--;
                } elseif (
                    $piece !== null
                    && ($event->kind === EventKind::PieceSpoiled || $piece->state === PieceState::Done)
                ) {
                    $isDone = $event->kind === EventKind::PieceDone;
                    $of[] = new self(
                        $event->seq,
                        $id,
                        $isDone ? EventKind::PieceReturned : EventKind::SpoilWithdrawn,
                        __($isDone ? 'floor.corrigible.counted' : 'floor.corrigible.spoiled', [
                            'code' => $event->batch->code,
                            'piece' => $piece->label(),
                            'time' => Dates::weekdayTime($event->recorded_at),
                        ]),
                    );
                }
            }
        }

        return array_slice($of, 0, self::SHOWN);
    }
}
