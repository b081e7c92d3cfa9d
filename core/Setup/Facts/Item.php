<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Draft\Draft;
use Hakama\Garment\Fabric;
use Hakama\Garment\Feature;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Provenance;
use Hakama\Garment\Shape;
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
    /** @param list<TypedFeature>|null $features what lies on it there, as somebody typed it; null where its drawing says */
    public function __construct(
        public Garment $garment,
        public Position $position,
        public ClothSpec $cloth,
        public Structure $structure = Structure::None,
        public Profile $profile = Profile::None,
        public ?Size $size = null,
        public Measures $measures = new Measures(),
        public ?PatchBack $back = null,
        public ?array $features = null,
    ) {}

    public function withCloth(ClothSpec $cloth): self
    {
        return $this->made($this->garment, $this->position, $cloth, $this->structure, $this->profile, $this->measures);
    }

    public function withStructure(Structure $structure): self
    {
        return $this->made($this->garment, $this->position, $this->cloth, $structure, $this->profile, $this->measures);
    }

    public function withMeasures(Measures $measures): self
    {
        return $this->made(
            $this->garment,
            $this->position,
            $this->cloth,
            $this->structure,
            $this->profile,
            $measures->orElse($this->measures),
        );
    }

    /** Another kind of thing: what was estimated for this one is estimated anew. */
    public function asGarment(Garment $garment, HouseRules $house): self
    {
        return $this->anew($garment, $this->position, $this->profile, $house);
    }

    public function at(Position $position, HouseRules $house): self
    {
        return $this->anew($this->garment, $position, $this->profile, $house);
    }

    public function withProfile(Profile $profile, HouseRules $house): self
    {
        return $this->anew($this->garment, $this->position, $profile, $house);
    }

    private function anew(Garment $garment, Position $position, Profile $profile, HouseRules $house): self
    {
        $guessed = $this->cloth->from === Provenance::Estimated && $garment !== $this->garment;
        $item = $this->made(
            $garment,
            $position,
            $guessed
                ? ClothSpec::usualOf($garment, $this->cloth->stretch, $this->cloth->thickness, $this->cloth->pale)
                : $this->cloth,
            $this->structure,
            $profile,
            $this->measures->withoutGuesses(),
        );

        return $this->measures->hasGuesses() ? $item->estimated($house) : $item;
    }

    private function made(
        Garment $garment,
        Position $position,
        ClothSpec $cloth,
        Structure $structure,
        Profile $profile,
        Measures $measures,
    ): self {
        return new self(
            $garment,
            $position,
            $cloth,
            $structure,
            $profile,
            $this->size,
            $measures,
            $this->back,
            $this->features,
        );
    }

    /** Where nobody has measured it, as such a garment usually is. */
    public function estimated(HouseRules $house): self
    {
        return $this->sized($this->size ?? Size::M, $house, $this->measures, $this->size);
    }

    /** The same in one size: its measures as the catalogue has them, else as the house starts with. */
    public function withSize(Size $size, HouseRules $house, ?Measures $measured = null): self
    {
        return $this->sized($size, $house, $measured, $size);
    }

    private function sized(Size $size, HouseRules $house, ?Measures $measured, ?Size $said): self
    {
        $neck = self::neckOpening($this->garment, $size, $house);
        $measures = ($measured ?? new Measures())
            ->orElse(
                new Measures($neck === null ? [] : [Measure::NeckOpening->value => $neck], Provenance::Estimated),
            )
            ->orElse(StartingMeasures::of($this->garment, $size, $this->profile));

        return new self(
            $this->garment,
            $this->position,
            $this->cloth,
            $this->structure,
            $this->profile,
            $said,
            $measures,
            $this->back,
            $this->features,
        );
    }

    /** The part that is sewn on, as it lies before the person. */
    public function shape(): Shape
    {
        $shape = Draft::of(
            $this->garment,
            $this->position,
            $this->measures,
            $this->size ?? Size::M,
            $this->profile,
            $this->cloth->fabric,
        );

        return $this->features === null
            ? $shape
            : $shape->withFeatures(
                array_map(static fn(TypedFeature $one): Feature => $one->on($shape), $this->features),
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

    /** Not hooped itself, which would mark or tear it: it is stuck on backing that is. */
    public function isStuckOn(): bool
    {
        return in_array($this->cloth->fabric, [Fabric::Felt, Fabric::Vinyl, Fabric::Leather], true)
            && ! $this->isOnCap()
            && ! $this->isClamped()
            && ! $this->isNarrowTube()
            && ! $this->garment->isHeavyCloth();
    }

    /** Pile is flattened, padding and vinyl melt, leather shrinks. */
    public function isSpoiledByHeat(): bool
    {
        return $this->cloth->isSpoiledByHeat() || $this->garment === Garment::PaddedJacket;
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
        return ! $this->isOnCap()
            && (in_array($this->position, [Position::Sleeve, Position::Leg], true)
                || ($this->position === Position::Cuff && $this->isUpperBody())
                || in_array($this->garment, [Garment::Sleeve, Garment::Stocking], true));
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
