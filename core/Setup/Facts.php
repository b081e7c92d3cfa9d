<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Stitch\Verdict;

/** What is known about one decoration before it is set up. What is null is not known, and nothing is concluded from it. */
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
    ) {}

    /** The same decoration on one size of the run, measured as the house has its garments. */
    public function onSize(Size $size, HouseRules $house): self
    {
        return new self(
            $this->garment,
            $this->fabric,
            $this->structure,
            $this->profile,
            $this->position,
            $this->widthMm,
            $this->heightMm,
            $this->stitches,
            $this->threadWeight,
            $this->drivers,
            $this->colours,
            $this->smallestLetterMm,
            $this->appliqueStops,
            $this->centreOut,
            $this->bottomUp,
            $this->stretch,
            $this->thickness,
            $this->pale,
            self::neckOpening($this->garment, $size, $house),
            $house->value(HouseRule::ArmWidth),
            $this->unitValueCents,
            $this->practised,
            $this->needles,
            $this->turnsCapsItself,
            $this->gapUnderCarriage,
            $size,
        );
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

    public function stitchesPerCm2(): float
    {
        return $this->stitches / max(0.01, $this->widthMm * $this->heightMm / 100);
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
        return in_array($this->position, [Position::Sleeve, Position::Leg], true) || in_array($this->garment, [Garment::Sleeve, Garment::Stocking], true);
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
