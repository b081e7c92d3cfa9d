<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Setup\Placement\KeptPlacement;
use Hakama\Stitch\Figures\Verdict;
use ReflectionClass;

/**
 * What is known about one decoration before it is set up. What is null is not known, and nothing is concluded from
 * it.
 */
final readonly class Facts
{
    /**
     * @param float        $widthMm          of the design
     * @param list<Driver> $drivers          of the machine, or that the shop's machines have between them
     * @param int          $appliqueStops    stops at which a hand has something to do
     * @param float|null   $neckOpeningMm    laid flat
     * @param bool|null    $practised        whether this material has been sewn here before
     * @param bool|null    $turnsCapsItself  whether the machine turns the design when the cap frame is chosen
     * @param bool|null    $gapUnderCarriage whether cloth may hang between carriage and arm
     * @param Surface|null $surface          where it is another than the fabric has by nature
     * @param int|null     $garments         how many are to be sewn
     * @param int|null     $spares           how many there are besides
     * @param float        $alongMm          of what is sewn before it along the same tube
     */
    public function __construct(
        public Garment $garment,
        public Fabric $fabric,
        public Structure $structure,
        public Profile $profile,
        public Position $position,
        public float $widthMm,
        public float $heightMm,
        public int $stitches,
        public int $threadWeight,
        public array $drivers,
        public int $colours = 1,
        public ?float $smallestLetterMm = null,
        public int $appliqueStops = 0,
        public ?Verdict $centreOut = null,
        public ?Verdict $bottomUp = null,
        public ?Stretch $stretch = null,
        public ?Thickness $thickness = null,
        public bool $pale = false,
        public ?float $neckOpeningMm = null,
        public ?float $armWidthMm = null,
        public ?int $unitValueCents = null,
        public ?bool $practised = null,
        public ?int $needles = null,
        public ?bool $turnsCapsItself = null,
        public ?bool $gapUnderCarriage = null,
        public ?Size $size = null,
        public ?Surface $surface = null,
        public Measures $measures = new Measures(),
        public ?KeptPlacement $kept = null,
        public ?int $garments = null,
        public ?int $spares = null,
        public float $alongMm = 0.0,
    ) {}

    /**
     * The same decoration on one size of the run: its measures as the catalogue has them, else as the house starts
     * with.
     *
     * @param Measures|null $measured in this size
     */
    public function onSize(
        Size $size,
        HouseRules $house,
        ?Measures $measured = null,
        ?KeptPlacement $kept = null,
    ): self {
        $measures = ($measured ?? new Measures())
            ->orElse(
                new Measures(
                    array_filter(
                        [Measure::NeckOpening->value => self::neckOpening($this->garment, $size, $house)],
                        is_float(...),
                    ),
                ),
            )
            ->orElse(StartingMeasures::of($this->garment, $size));

        return $this->with([
            'neckOpeningMm' => $measures->mm(Measure::NeckOpening),
            'armWidthMm' => $this->armWidthMm ?? $house->value(HouseRule::ArmWidth),
            'size' => $size,
            'measures' => $measures,
            'kept' => $kept,
        ]);
    }

    /**
     * The same decoration on one machine.
     *
     * @param list<Driver> $drivers it has
     */
    public function onMachine(
        array $drivers,
        int $needles,
        ?float $armWidthMm,
        ?bool $turnsCapsItself,
        ?bool $gapUnderCarriage,
    ): self {
        return $this->with([
            'drivers' => $drivers,
            'needles' => $needles,
            'armWidthMm' => $armWidthMm ?? $this->armWidthMm,
            'turnsCapsItself' => $turnsCapsItself,
            'gapUnderCarriage' => $gapUnderCarriage,
        ]);
    }

    /** @param array<string, mixed> $changed by the names of the constructor */
    private function with(array $changed): self
    {
        // Thirty facts of which few change: copied by name, so that a new one is never forgotten here.
        return (new ReflectionClass(self::class))->newInstance(...[...get_object_vars($this), ...$changed]);
    }

    private static function neckOpening(Garment $garment, Size $size, HouseRules $house): ?float
    {
        $ofM = match ($garment) {
            Garment::Tee => $house->value(HouseRule::NeckTee),
            Garment::Polo => $house->value(HouseRule::NeckPolo),
            Garment::Hoodie => $house->value(HouseRule::NeckHoodie),
            default => null,
        };

        return $ofM === null ? null : $ofM + $size->stepsFromM() * $house->value(HouseRule::NeckStep);
    }

    /** What the needle meets first: as the catalogue says, else as the fabric is. */
    public function surface(): Surface
    {
        return $this->surface ?? Surface::of($this->fabric);
    }

    /** Flat width of what a frame on this driver has to lie in; null where nothing limits it or it is not known. */
    public function openingMm(Driver $driver): ?float
    {
        $panel = Panel::of($this->garment, $this->position);

        return match (true) {
            // The other drivers go in at the end of a tube; flat arms want its seam opened.
            $panel->isTube() => $driver === Driver::Flat
                ? null
                : $this->measures->mm($panel === Panel::Leg ? Measure::LegWidth : Measure::SleeveWidth),
            $panel === Panel::Front, $panel === Panel::Back => $this->measures->mm(Measure::ChestWidth),
            $this->garment === Garment::Bag => $this->measures->mm(Measure::Width),
            default => null,
        };
    }

    public function stitchesPerCm2(): float
    {
        return $this->stitches / max(0.01, ($this->widthMm * $this->heightMm) / 100);
    }

    public function isOnCap(): bool
    {
        return $this->garment === Garment::Cap;
    }

    /** Hangs from one side and pulls at the frame. */
    public function isHeavyCloth(): bool
    {
        return in_array($this->garment, [Garment::Blanket, Garment::Towel], true);
    }

    public function isNarrowTube(): bool
    {
        return in_array($this->position, [Position::Sleeve, Position::Leg], true)
            || in_array($this->garment, [Garment::Sleeve, Garment::Stocking], true);
    }

    public function isClamped(): bool
    {
        return in_array($this->garment, [Garment::Glove, Garment::Pocket], true);
    }

    public function hasSmallLetters(float $belowMm): bool
    {
        return $this->smallestLetterMm !== null && $this->smallestLetterMm < $belowMm;
    }

    /** A design wider than the neck lets the frame travel, loaded neck first: opening laid flat less the arm. */
    public function neckIsTight(): bool
    {
        return $this->neckOpeningMm !== null
            && in_array($this->position, [Position::FullFront, Position::FullBack], true)
            && $this->widthMm > $this->neckOpeningMm - ($this->armWidthMm ?? 0.0);
    }
}
