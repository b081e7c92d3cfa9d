<?php

declare(strict_types=1);

namespace App\Stock\Queries;

use App\Artwork\ClothUse;
use App\Artwork\Models\Artwork;
use App\Artwork\Queries\ClothBill;
use App\Plan\BatchBlock;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Stock\Bolt;
use App\Stock\Models\Cloth;
use Hakama\Machine\CopiesPerFrame;

/** What open batches will take of each bolt of cloth that is laid on; what was sewn is off it already. */
final class Bolts
{
    /** @var list<Bolt>|null */
    private ?array $all = null;

    public function __construct(private readonly PlanBoard $board, private readonly ClothUse $use) {}

    /** @return list<Bolt> of every cloth that is kept, by its code */
    public function all(): array
    {
        return $this->all ??= $this->read();
    }

    /** @return array<string, float> batch => mm of length, of whichever bolts */
    public function byBatch(): array
    {
        $by = [];
        foreach ($this->all() as $bolt) {
            foreach ($bolt->wanted as [$batch, , $mm]) {
                $by[$batch] = ($by[$batch] ?? 0.0) + $mm;
            }
        }

        return $by;
    }

    /** @return list<Bolt> */
    private function read(): array
    {
        $wanted = $this->wanted();

        return array_values(
            ClothBill::shelf()
                ->map(
                    static fn(Cloth $cloth): Bolt => new Bolt(
                        $cloth->code,
                        $cloth->name,
                        $cloth->hex,
                        $cloth->width_mm,
                        $cloth->length_mm,
                        array_map(
                            static fn(array $one): array => [$one[0], $one[1], $one[2] / $cloth->width_mm],
                            $wanted[$cloth->id] ?? [],
                        ),
                    ),
                )
                ->all(),
        );
    }

    /** @return array<int, list<array{string, int|null, float}>> cloth => batch, when its changeover begins, mm² */
    private function wanted(): array
    {
        $timetable = $this->board->timetable();
        $wanted = [];
        foreach ($this->board->batches() as $code => $batch) {
            $at = $timetable->find((string) $code)?->changeoverStart;
            foreach ($this->aFrame($batch) as $cloth => $mm2) {
                $wanted[$cloth][] = [(string) $code, $at, $mm2 * CopiesPerFrame::frames($batch->left, $batch->copies)];
            }
        }

        return $wanted;
    }

    /** @return array<int, float> cloth => mm² */
    private function aFrame(OpenBatch $batch): array
    {
        $cloths = array_filter(
            array_map(static fn(BatchBlock $block): ?int => $block->cloth, $batch->design->blocks),
            static fn(?int $cloth): bool => $cloth !== null,
        );
        if ($cloths === []) {
            return [];
        }

        return $this->use->aFrame(
            $this->use->applied(
                $batch->design->checksum,
                $batch->design->stopSheet(),
                $batch->copies,
                static fn() => Artwork::query()->findOrFail($batch->design->id)->pattern(),
            ),
            array_combine(array_map(static fn(int $i): int => $i + 1, array_keys($cloths)), $cloths),
        );
    }
}
