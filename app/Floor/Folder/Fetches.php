<?php

declare(strict_types=1);

namespace App\Floor\Folder;

use App\Floor\Models\TapeFetch;
use App\Machine\Models\Machine;
use Carbon\CarbonImmutable;

/** What was fetched from a machine's folder, and what of it is an older file now. */
final readonly class Fetches
{
    /** @param list<TapeFetch> $all those of the batches that lie in the folder, the last first */
    private function __construct(private array $all) {}

    /** @param list<FolderTape> $tapes */
    public static function note(Machine $machine, array $tapes, FetchedBy $way): void
    {
        if ($tapes === []) {
            return;
        }
        $now = CarbonImmutable::now();
        // A machine that looks every minute takes nobody's turn: one statement, whole or not at all.
        TapeFetch::query()->upsert(
            array_map(static fn(FolderTape $tape): array => [
                'machine_id' => $machine->id,
                'batch_id' => $tape->batchId,
                'name' => $tape->file->name,
                'checksum' => $tape->file->checksum,
                'way' => $way->value,
                'first_at' => $now,
                'last_at' => $now,
            ], $tapes),
            ['machine_id', 'batch_id', 'name', 'way'],
            ['checksum', 'last_at'],
        );
    }

    /** @param list<FolderTape> $tapes */
    public static function of(Machine $machine, array $tapes): self
    {
        return new self(array_values(
            TapeFetch::query()
                ->where('machine_id', $machine->id)
                ->whereIn('batch_id', array_map(static fn(FolderTape $tape): int => $tape->batchId, $tapes))
                ->orderByDesc('last_at')
                ->orderByDesc('id')
                ->get()
                ->all(),
        ));
    }

    /**
     * Files that the machine may have of a batch it is about to sew, in which there is another tape.
     *
     * @param list<string> $checksums of all that is sewn of it now
     *
     * @return list<string> their names
     */
    public static function older(int $machine, int $batch, array $checksums): array
    {
        return array_values(
            TapeFetch::query()
                ->where('machine_id', $machine)
                ->where('batch_id', $batch)
                ->whereNotIn('checksum', $checksums)
                ->orderBy('id')
                ->pluck('name')
                ->unique()
                ->all(),
        );
    }

    /** The last time this very tape was fetched, under whichever name; null where it never was. */
    public function last(FolderTape $tape): ?TapeFetch
    {
        foreach ($this->all as $one) {
            if ($one->batch_id === $tape->batchId && $one->checksum === $tape->file->checksum) {
                return $one;
            }
        }

        return null;
    }

    /**
     * Files the machine may still have, in which there is another tape than is to be sewn now.
     *
     * @param list<FolderTape> $tapes
     *
     * @return list<TapeFetch>
     */
    public function outdated(array $tapes): array
    {
        $now = [];
        foreach ($tapes as $tape) {
            $now[$tape->batchId][$tape->file->checksum] = true;
        }

        return array_values(
            array_filter($this->all, static fn(TapeFetch $one): bool => ! isset($now[$one->batch_id][$one->checksum])),
        );
    }
}
