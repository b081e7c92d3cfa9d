<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;
use Hakama\Garment\Style;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Setup\Facts\Facts;
use Hakama\Stitch\Bounds;
use InvalidArgumentException;

/**
 * The part of a cap that can be sewn: a band round a cylinder. A point x from the seam, along the cloth, sits at the
 * angle x / r, with r = circumference / 2π; seen from the front it is r · sin(x / r) from the middle.
 */
final readonly class CapFace
{
    private const PANELS = 6;

    private function __construct(
        public float $circumferenceMm,
        public float $halfAngleDeg,
        public float $gapMm,
        public float $limitMm,
    ) {}

    /**
     * @param float $halfAngleDeg so far round to each side the driver reaches
     * @param float $gapMm        over the bill, left free
     * @param float $limitMm      the highest design that the profile takes
     */
    public static function of(float $circumferenceMm, float $halfAngleDeg, float $gapMm, float $limitMm): self
    {
        if ($circumferenceMm <= 0 || $halfAngleDeg <= 0 || $halfAngleDeg > 180 || $gapMm < 0 || $limitMm <= 0) {
            throw new InvalidArgumentException('a cap has a circumference, an angle up to 180 degrees and a height');
        }

        return new self($circumferenceMm, $halfAngleDeg, $gapMm, $limitMm);
    }

    /** The cap of a decoration; where its circumference is not known, that of one to start with. */
    public static function forFacts(Facts $facts, HouseRules $house): self
    {
        return self::of(
            $facts->item->measures->mm(Measure::Circumference) ??
                (StartingMeasures::of(Garment::Cap, Size::One)->mm(Measure::Circumference) ?? 0.0),
            $house->value(HouseRule::CapHalfAngle),
            $house->value($house->school(Question::BillGap) === 'frame_limit' ? HouseRule::RingLow : HouseRule::CapGap),
            self::profileLimitMm($facts->item->profile, $house),
        );
    }

    /** The front of a cap of the catalogue; its circumference as measured, else that of one to start with. */
    public static function ofStyle(Style $style, HouseRules $house): self
    {
        return self::of(
            $style->on(Size::One)->mm(Measure::Circumference) ??
                (StartingMeasures::of(Garment::Cap, Size::One)->mm(Measure::Circumference) ?? 0.0),
            $house->value(HouseRule::CapHalfAngle),
            $house->value($house->school(Question::BillGap) === 'frame_limit' ? HouseRule::RingLow : HouseRule::CapGap),
            self::profileLimitMm($style->profile, $house),
        );
    }

    /** The highest design that a cap takes; where its profile is not known, what the highest takes. */
    public static function profileLimitMm(Profile $profile, HouseRules $house): float
    {
        return $house->value(
            match ($profile) {
                Profile::Low => HouseRule::CapLow,
                Profile::Mid => HouseRule::CapMid,
                Profile::High, Profile::None => HouseRule::CapHigh,
            },
        );
    }

    public function radiusMm(): float
    {
        return $this->circumferenceMm / (2 * M_PI);
    }

    /** How far from the seam, along the cloth, the driver reaches. */
    public function wrapMm(): float
    {
        return $this->radiusMm() * deg2rad($this->halfAngleDeg);
    }

    /**
     * How far round from the front seam the middle of a design comes to lie, as it is mounted: on the side between its
     * two seams, or as near to that as the driver reaches; the back is turned to the front of the ring.
     */
    public function centreMm(Position $position, float $widthMm): float
    {
        return $position === Position::CapSide
            ? max(0.0, min($this->circumferenceMm / 4, $this->wrapMm() - $widthMm / 2))
            : 0.0;
    }

    /** How far round from the seam in its middle the seams of a cap of six panels are, k = 0, 1, 2. */
    public function seamMm(int $k): float
    {
        return ($k * $this->circumferenceMm) / self::PANELS;
    }

    /** Whether a design at a place crosses a seam that it should keep clear of; on the front none, whose seam is sewn over. */
    public function crossesSeam(Position $position, float $widthMm): bool
    {
        $centre = $this->centreMm($position, $widthMm);

        return match ($position) {
            Position::CapSide => $centre - $widthMm / 2 < $this->seamMm(1) - 1e-9
                || $centre + $widthMm / 2 > $this->seamMm(2) + 1e-9,
            // Over the back seam the two panels beside it are one field.
            Position::CapBack => $widthMm / 2 > $this->seamMm(1) + 1e-9,
            default => false,
        };
    }

    public function angleDeg(float $xMm): float
    {
        return rad2deg($xMm / $this->radiusMm());
    }

    /** Where a point on the cloth is seen from the front, from the middle. */
    public function seenMm(float $xMm): float
    {
        return $this->radiusMm() * sin($xMm / $this->radiusMm());
    }

    /** Whether a design of this box, its middle on the seam, is within wrap and height. */
    public function holds(Bounds $design): bool
    {
        return $design->width() / 2 <= $this->wrapMm() + 1e-9 && $design->height() <= $this->limitMm + 1e-9;
    }
}
