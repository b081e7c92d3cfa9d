<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Decoration;
use App\Models\Frame;
use App\Models\Machine;
use App\Models\Practice;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Departure;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\Rules\Warning;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Stitch\Bounds;
use Illuminate\Database\Eloquent\Collection;

/** All that the setup page shows of one decoration, in one frame, one way round, on one size. */
final readonly class SetupSheet
{
    /**
     * @param SizeTable                  $sizes    over the whole run
     * @param SizeRow                    $row      the size that is drawn
     * @param Advice                     $advice   for the smallest size: what suits it suits the others
     * @param Advice                     $shown    the same, for what is chosen or looked at
     * @param Choice|null                $choice   null where there is no frame for the driver
     * @param list<MachineRow>           $machines
     * @param Machine|null               $mounted  the one whose mounted frame changes are counted from
     * @param list<Departure>            $departures of the choice from the advice
     * @param array<string, string>      $whys     the reasons kept with it: about => why
     * @param TubePlan|null              $tube     along a tube
     * @param CapFace|null               $face     of a cap
     * @param Collection<int, Practice>  $practice with this cloth or its like
     */
    public function __construct(
        public Decoration $decoration,
        public SizeTable $sizes,
        public SizeRow $row,
        public Advice $advice,
        public Advice $shown,
        public ?Choice $choice,
        public ?Frame $frame,
        public array $machines,
        public ?Machine $mounted,
        public ?string $onMachine,
        public array $departures,
        public array $whys,
        public ?TubePlan $tube,
        public ?CapFace $face,
        public Collection $practice,
        public ?BackingPiece $cut,
    ) {}

    /** @return list<RankedFrame> */
    public function ranked(): array
    {
        return $this->advice->ranked;
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
            ...array_values(array_filter($this->shown->warnings, static fn(Warning $one): bool => ! $one->stops)),
        ];
    }

    public function isAdvised(): bool
    {
        return $this->departures === [];
    }
}
