<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Machine\Models\Machine;
use App\Orders\Models\Piece;
use App\Orders\Names\NamedPiece;
use App\Plan\BatchDesign;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Setup\SetupOnMachine;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\BatchRun;
use Hakama\Floor\CheckRules;
use Illuminate\Database\Eloquent\Collection;

/** The batch that stands at a machine, and how far it is. */
final readonly class Running
{
    /** So many of the pieces that wait are shown. */
    public const SHOWN = 4;

    /**
     * @param int                    $stitch     sewn in this load: by the last reading while it sews, else as the
     *     events
     *     have it
     * @param Collection<int, Piece> $pieces     on the machine, hooped, and the next that wait, by id
     * @param array<string, string>  $placements size => where the design goes on it
     * @param list<\stdClass> $confirmed who, at, steps: who confirmed how many steps, and when,
     *     newest first
     * @param list<HoopingTape>      $hoopings   where each piece is hooped several times, moving along a tube
     */
    public function __construct(
        public OpenBatch $batch,
        public BatchRun $run,
        public int $stitch,
        public Collection $pieces,
        public WorkList $work,
        public array $placements,
        public array $confirmed,
        public ?SetupOnMachine $setup,
        public array $hoopings,
        private CheckRules $checks,
    ) {}

    /** @return list<int> hooped pieces and the next that wait, in the order in which they are to be sewn */
    public function waiting(): array
    {
        return array_values(array_diff($this->pieces->modelKeys(), $this->run->onFrame));
    }

    /** Which hooping of its pieces the load is that is on the machine, or comes next. */
    public function hooping(): int
    {
        $next = $this->pieces[$this->nextLoad(1)[0] ?? 0] ?? null;

        return $this->run->onFrame !== []
            ? $this->run->load->hooping
            : min(max(1, count($this->hoopings)), 1 + ($next->hoopings ?? 0));
    }

    /** What that load sews. */
    public function design(): BatchDesign
    {
        $tape = $this->hoopings[$this->hooping() - 1] ?? null;

        return $tape === null ? $this->batch->design : $this->batch->design->hooped($tape);
    }

    /** A load that is sewn is the last hooping of its pieces, or is moved on for the next. */
    public function isLastHooping(): bool
    {
        return $this->hooping() >= count($this->hoopings);
    }

    /** @return list<int> */
    public function nextLoad(int $heads): array
    {
        $alone = $this->batch->design->named || $this->isFirst();

        return $this->run->nextLoad(
            $this->waiting(),
            ($alone ? 1 : $heads) * $this->batch->copies,
            $this->pieces->map(static fn(Piece $piece): int => $piece->hoopings)->all(),
        );
    }

    /** The first piece is sewn alone where something is to be minded, or where the house looks at it first. */
    private function isFirst(): bool
    {
        return ($this->run->load->number === 0 && $this->setup?->firstAlone === true)
            || ($this->run->done === 0 && $this->checks->firstOff);
    }

    /** The next load waits until somebody has looked at the first piece. */
    public function waitsForFirst(): bool
    {
        return $this->checks->firstOff
            && $this->checks->holds(
                $this->run->done,
                Piece::passed($this->batch->decorationId)->count(),
            );
    }

    /** The piece that is on the machine, else the one that comes next, with its name; null where pieces have none. */
    public function named(): ?NamedPiece
    {
        $piece = $this->pieces[$this->run->onFrame[0] ?? ($this->nextLoad(1)[0] ?? 0)] ?? null;

        return $this->batch->design->named && $piece !== null ? NamedPiece::of($this->batch->design->id, $piece) : null;
    }

    /** How many stitches the load has that is on the machine, or comes next. */
    public function stitches(): int
    {
        return $this->named()->sewn->all_stitches ?? $this->design()->stitches;
    }

    /**
     * What goes into one frame with a piece: itself, or as many of those that wait as it holds copies.
     *
     * @return list<int>
     */
    public function hoopedWith(int $piece): array
    {
        $others = array_values(array_diff($this->waiting(), $this->run->hooped, [$piece]));

        return [$piece, ...array_slice($others, 0, $this->batch->copies - 1)];
    }
}
