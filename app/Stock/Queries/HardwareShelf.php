<?php

declare(strict_types=1);

namespace App\Stock\Queries;

use App\Foundation\Database\TurnCache;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\Hardware;
use Hakama\Plan\RunsOut;
use Illuminate\Support\Facades\DB;

/** Hardware of made items: what open batches will take, and what will not be enough. */
final readonly class HardwareShelf
{
    public function __construct(private PlanBoard $board, private TurnCache $kept) {}

    /** @return list<array{Hardware, RunsOut}> what does not last, by its code */
    public function short(): array
    {
        $wanted = $this->wanted();
        $left = $wanted === [] ? [] : Hardware::left();
        $short = [];
        foreach (Hardware::query()->findMany(array_keys($wanted))->sortBy('code') as $one) {
            $out = RunsOut::of((float) $left[$one->id], $wanted[$one->id]);
            if ($out !== null) {
                $short[] = [$one, $out];
            }
        }

        return $short;
    }

    /** @return array<int, array<int, int>> artwork => hardware => how many a piece takes */
    private static function each(): array
    {
        $of = [];
        foreach (DB::table('artwork_hardware')->get() as $row) {
            $of[(int) $row->artwork_id][(int) $row->hardware_id] = (int) $row->each;
        }

        return $of;
    }

    /** @return array<int, list<array{string, int|null, float}>> hardware => batch, when its changeover begins, how many */
    private function wanted(): array
    {
        $of = $this->kept->get('hardware-kept', self::each(...));
        if ($of === []) {
            return [];
        }
        $wanted = [];
        $timetable = $this->board->timetable();
        foreach ($this->board->batches() as $code => $batch) {
            foreach ($of[$batch->design->id] ?? [] as $hardware => $each) {
                $wanted[$hardware][] = [
                    (string) $code,
                    $timetable->find((string) $code)?->changeoverStart,
                    (float) ($each * $batch->left),
                ];
            }
        }

        return $wanted;
    }
}
