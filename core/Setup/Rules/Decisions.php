<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Loading\Loading;
use Hakama\Setup\Placement\Placement;

/** All that the rules decide of one decoration, each with its reason. */
final readonly class Decisions
{
    /**
     * @param Decision<list<Driver>>         $drivers   that would do, best first, whether there are any or not
     * @param Decision<non-empty-list<Loading>> $loadings the ends that may go to the machine, best first
     * @param Decision<Layers>               $backing
     * @param Decision<bool>                 $topper    film on top
     * @param Decision<int>                  $thread    weight
     * @param Decision<NeedleType>           $needle
     * @param Decision<int>                  $speed     stitches per minute
     * @param Decision<Placement>            $placement
     */
    private function __construct(
        public Decision $drivers,
        public Decision $loadings,
        public Decision $backing,
        public Decision $topper,
        public Decision $thread,
        public Decision $needle,
        public Decision $speed,
        public Decision $placement,
    ) {}

    public static function of(Facts $facts, HouseRules $house): self
    {
        return new self(
            Decision::by(DriverRules::all(), $facts, $house),
            Decision::by(LoadingRules::all(), $facts, $house),
            Decision::by(BackingRules::all(), $facts, $house),
            Decision::by(TopperRules::all(), $facts, $house),
            Decision::by(ThreadRules::all(), $facts, $house),
            Decision::by(NeedleRules::all(), $facts, $house),
            Decision::by(SpeedRules::all(), $facts, $house),
            Decision::by(PlacementTable::all(), $facts, $house),
        );
    }

    /** @return non-empty-list<Decision<mixed>> in the order in which they are made */
    public function all(): array
    {
        return [
            $this->drivers,
            $this->loadings,
            $this->backing,
            $this->topper,
            $this->thread,
            $this->needle,
            $this->speed,
            $this->placement,
        ];
    }
}
