<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Machine\Models\Machine;
use App\Plan\BatchBlock;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use Hakama\Floor\Care\CareDue;
use Hakama\Floor\Care\NeedleWear;
use Hakama\House\HouseRules;

/** What one machine wants, and during which of its batches it becomes due. */
final readonly class CareList
{
    /** @param list<CareDue> $all what is nearest first */
    private function __construct(private Machine $machine, public array $all) {}

    /** Wants a machine as it stands, with its rack. */
    public static function of(Machine $machine, HouseRules $rules): self
    {
        return new self(
            $machine,
            CareDue::of(
                $rules,
                $machine->rack->pluck('stitches', 'number')->map(intval(...))->all(),
                $machine->stitches - ($machine->oiled_at ?? 0),
                $machine->tension_at === null ? null : (int) $machine->tension_at->diffInDays(CarbonImmutable::now()),
            ),
        );
    }

    /** @return list<CareDue> */
    public function due(): array
    {
        return array_values(array_filter($this->all, static fn(CareDue $one): bool => $one->isDue()));
    }

    /**
     * As the needles hold their threads now: what is loaded anew meanwhile wears another.
     *
     * @return array<int, int|string> nth of all => the batch during which it becomes due
     */
    public function ahead(PlanBoard $board): array
    {
        $rack = [];
        foreach ($this->machine->rack as $needle) {
            $rack[$needle->number] = $needle->thread?->code;
        }
        $wear = $all = [];
        foreach ($board->sequence()->on($this->machine->code) as $code) {
            $open = $board->batches()[$code];
            $runs = (int) ceil($open->batch->pieces / max(1, $this->machine->workingHeads()));
            $blocks = array_map(static fn(BatchBlock $one): int => $one->sheet->stitches, $open->design->blocks);
            $on = NeedleWear::of($blocks, $open->design->threads(), $rack);
            $all[$code] = $runs * array_sum($blocks);
            foreach ($on as $needle => $stitches) {
                $wear[$needle][$code] = $runs * $stitches;
            }
        }
        $due = [];
        foreach ($this->all as $i => $one) {
            $batch = $one->during($one->needle === null ? $all : $wear[$one->needle] ?? []);
            if ($batch !== null) {
                $due[$i] = $batch;
            }
        }

        return $due;
    }
}
