<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Tube\AlongTube;
use Hakama\Stitch\Band;

/** The garment, in one size or in any, and where on it the design goes. */
final readonly class Item
{
    public function __construct(
        public Garment $garment,
        public Position $position,
        public ClothSpec $cloth,
        public Structure $structure = Structure::None,
        public Profile $profile = Profile::None,
        public ?Size $size = null,
        public Measures $measures = new Measures(),
        public ?PatchBack $back = null,
    ) {}

    /** The same in one size: its measures as the catalogue has them, else as the house starts with. */
    public function withSize(Size $size, HouseRules $house, ?Measures $measured = null): self
    {
        $neck = self::neckOpening($this->garment, $size, $house);
        $measures = ($measured ?? new Measures())
            ->orElse(new Measures($neck === null ? [] : [Measure::NeckOpening->value => $neck]))
            ->orElse(StartingMeasures::of($this->garment, $size));

        return new self(
            $this->garment,
            $this->position,
            $this->cloth,
            $this->structure,
            $this->profile,
            $size,
            $measures,
            $this->back,
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

    /** Laid flat; null where it is not known. */
    public function neckOpeningMm(): ?float
    {
        return $this->measures->mm(Measure::NeckOpening);
    }

    public function isOnCap(): bool
    {
        return $this->garment === Garment::Cap;
    }

    /** @return int seconds to hoop one, by the house's rules, until the bench has times of its own */
    public function hoopS(HouseRules $house): int
    {
        return (int) $house->value($this->isOnCap() ? HouseRule::CapHoopTime : HouseRule::HoopTime);
    }

    public function isUpperBody(): bool
    {
        return in_array(
            $this->garment,
            [Garment::Polo, Garment::Tee, Garment::Hoodie, Garment::Jacket, Garment::PaddedJacket],
            true,
        );
    }

    /** A sleeve with its cuff, a leg, a stocking: what a frame goes into by its end. */
    public function isNarrowTube(): bool
    {
        return in_array($this->position, [Position::Sleeve, Position::Leg], true)
            || ($this->position === Position::Cuff && $this->isUpperBody())
            || in_array($this->garment, [Garment::Sleeve, Garment::Stocking], true);
    }

    /** Along a tube: a leg is measured down from its waistband and a cuff from its edge, a sleeve up from its hem. */
    public function isMeasuredFromTop(): bool
    {
        return in_array($this->position, [Position::Leg, Position::Cuff], true);
    }

    /**
     * That a design goes along it; null where it is no narrow tube.
     *
     * @param list<Band> $bands of the design's height in which something is sewn; none where nobody has looked
     */
    public function along(array $bands, HouseRules $house): ?AlongTube
    {
        return $this->isNarrowTube() ? new AlongTube($bands, $house, $this->isMeasuredFromTop()) : null;
    }

    public function isClamped(): bool
    {
        return in_array($this->garment, [Garment::Glove, Garment::Pocket], true);
    }
}
