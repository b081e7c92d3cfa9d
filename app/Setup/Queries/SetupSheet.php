<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Setup\ChosenSetup;
use App\Setup\Models\Practice;
use Hakama\Garment\Girth;
use Hakama\Garment\Measure;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Provenance;
use Hakama\House\Units;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\BlockAdvice;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\JudgedWay;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Notes\Ask;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Proof\Cure;
use Hakama\Setup\Proof\Explanation;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;
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
     * @param Explanation               $explained of the size that wants most
     * @param Explanation               $lookedAt  of the size that is looked at
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
        private Explanation $explained,
        private Explanation $lookedAt,
    ) {}

    /** @return list<Cure> what would make it possible, the least work first; none where it is no stop */
    public function cures(): array
    {
        return $this->explained->cures();
    }

    /** @return list<Ask> what decides and nobody has given; of a machine only once one is chosen */
    public function asks(): array
    {
        return array_values(
            array_filter(
                $this->advice->asks,
                fn(Ask $ask): bool => $this->on->onMachine !== null || ! str_starts_with($ask->fact, 'machine.'),
            ),
        );
    }

    /** @return list<array{string, float, string}> what was gone by on the garment: its name, mm, where it comes from */
    public function measures(): array
    {
        $item = $this->row->facts->item;
        $girth = Girth::of($item->garment, $item->position, $item->measures);
        $used = array_filter([
            $item->isOnCap() ? Measure::Circumference : Panel::of($item->garment, $item->position)->width(),
            $girth?->measure,
            $this->row->travelMm() === null ? null : Measure::NeckOpening,
        ]);
        $told = [];
        foreach ($used as $measure) {
            $mm = $item->measures->mm($measure);
            if ($mm !== null) {
                $told[$measure->value] = [
                    Words::say($measure->label()),
                    $mm,
                    Words::say($item->measures->from($measure)->label()),
                ];
            }
        }

        return array_values($told);
    }

    /** How far the frame is moved off the middle of the design, so that it lies whole on the cloth. */
    public function offMiddle(): Point
    {
        $fit = $this->chosen->choice?->fit;
        foreach ($this->row->advice->ranked as $one) {
            if ($fit !== null && $one->fit->frame->id === $fit->frame->id && $one->fit->turn === $fit->turn) {
                return $one->hold->offMiddle ?? new Point(0, 0);
            }
        }

        return new Point(0, 0);
    }

    /** What would turn a decision, in words: the proof that its reason is the reason. */
    public function turning(SetupTopic $about): string
    {
        $turning = $this->lookedAt->turning($this->lookedAt->advice->because($about));

        return Words::say($turning->words(Units::of($this->lookedAt->case->house)));
    }

    /** Where a width on the garment comes from, such as "estimated"; '' where nobody knows it. */
    public function from(SizeRow $row, Measure $measure): string
    {
        $from = $row->facts->item->measures->from($measure);

        return $from === Provenance::Unknown ? '' : Words::say($from->label());
    }

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

    /** @return list<Loading> the ends that can go to the machine, advised or not; what cannot be mounted is not on offer */
    public function ends(): array
    {
        return Ends::mountable(
            $this->row->facts->item,
            $this->chosen->choice->fit->frame->driver ?? Driver::Flat,
        );
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
        $stops = array_filter($this->advice->warnings, static fn(Warning $one): bool => $one->stops);
        $codes = array_column($stops, 'code');

        return [
            ...array_values($stops),
            // What only the chosen frame cannot do.
            ...array_values(
                array_filter(
                    $this->chosen->shown->warnings,
                    static fn(Warning $one): bool => $one->stops && ! in_array($one->code, $codes, true),
                ),
            ),
            ...array_values(
                array_filter($this->chosen->shown->warnings, static fn(Warning $one): bool => ! $one->stops),
            ),
        ];
    }
}
