<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Orders\Models\Decoration;
use App\Setup\ChosenSetup;
use App\Setup\Models\Practice;
use Hakama\Garment\Position;
use Hakama\Setup\Advice;
use Hakama\Setup\BlockAdvice;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\JudgedWay;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Stitch\Bounds;
use Illuminate\Database\Eloquent\Collection;

/** All that the setup page shows of one decoration, in one frame, one way round, on one size. */
final readonly class SetupSheet
{
    /**
     * @param SizeTable                 $sizes    over the whole run
     * @param SizeRow                   $row      the size that is drawn
     * @param Advice                    $advice   for the smallest size: what suits it suits the others
     * @param TubePlan|null             $tube     along a tube
     * @param CapFace|null              $face     of a cap
     * @param Collection<int, Practice> $practice with this cloth or its like
     */
    public function __construct(
        public Decoration $decoration,
        public SizeTable $sizes,
        public SizeRow $row,
        public Advice $advice,
        public ChosenSetup $chosen,
        public SetupMachines $on,
        public ?TubePlan $tube,
        public ?CapFace $face,
        public Collection $practice,
    ) {}

    /** @return list<RankedFrame> */
    public function ranked(): array
    {
        return $this->advice->ranked;
    }

    /** @return array<int, BlockAdvice> number of a block => what it wants of thread and needle */
    public function blocks(): array
    {
        $artwork = $this->decoration->artwork;
        $apart = $artwork?->blocks->whereNotNull('letter_mm')->isNotEmpty() ?? false;
        $wants = [];
        foreach ($artwork->blocks ?? [] as $block) {
            $wants[$block->number] = $this->advice->block(
                $block->thread->weight ?? 40,
                $apart ? $block->letter_mm : $artwork?->letter_mm,
            );
        }

        return $wants;
    }

    /** How far round from the front seam of a cap the design lies; null where it is on no side of one. */
    public function roundMm(): ?float
    {
        return $this->decoration->position === Position::CapSide
            ? $this->face?->centreMm(Position::CapSide, $this->bounds()->width())
            : null;
    }

    /** @return list<JudgedWay> */
    public function waysIn(): array
    {
        return $this->advice->waysIn();
    }

    /** @return list<Loading> the ends that can go to the machine, advised or not */
    public function ends(): array
    {
        $ends = Ends::of($this->row->facts->item);

        return [$ends->topFirst(), $ends->bottomFirst(), $ends->sideFirst()];
    }

    public function bounds(): Bounds
    {
        assert($this->decoration->artwork !== null);

        return $this->decoration->artwork->bounds();
    }

    /**
     * What stops it is a matter of all frames; what is to be minded, of the one that is looked at.
     *
     * @return list<Warning>
     */
    public function warnings(): array
    {
        return [
            ...array_values(array_filter($this->advice->warnings, static fn(Warning $one): bool => $one->stops)),
            ...array_values(
                array_filter($this->chosen->shown->warnings, static fn(Warning $one): bool => ! $one->stops),
            ),
        ];
    }
}
