<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What it is sewn on. */
final readonly class ClothSpec
{
    /**
     * @param bool|null    $pale whether dark backing would show through; null where nobody has said
     * @param Surface|null $own  where it is another than the fabric has by nature
     * @param Provenance   $from how it is known which fabric it is
     */
    public function __construct(
        public Fabric $fabric,
        public ?Stretch $stretch = null,
        public ?Thickness $thickness = null,
        public ?bool $pale = null,
        public ?Surface $own = null,
        public Provenance $from = Provenance::Typed,
    ) {}

    /** What such a garment is usually made of, where nobody has said. */
    public static function usualOf(Garment $garment, ?Stretch $stretch, ?Thickness $thickness, ?bool $pale): self
    {
        return new self(Fabric::usualOf($garment), $stretch, $thickness, $pale, null, Provenance::Estimated);
    }

    /** Another fabric, everything else as it is said. */
    public function ofFabric(Fabric $fabric, Provenance $from = Provenance::Typed): self
    {
        return new self($fabric, $this->stretch, $this->thickness, $this->pale, $this->own, $from);
    }

    public function withStretch(Stretch $stretch): self
    {
        return new self($this->fabric, $stretch, $this->thickness, $this->pale, $this->own, $this->from);
    }

    public function withThickness(Thickness $thickness): self
    {
        return new self($this->fabric, $this->stretch, $thickness, $this->pale, $this->own, $this->from);
    }

    public function withPale(bool $pale): self
    {
        return new self($this->fabric, $this->stretch, $this->thickness, $pale, $this->own, $this->from);
    }

    /** As somebody said, else as such cloth does. */
    public function stretch(): Stretch
    {
        return $this->stretch ?? $this->fabric->stretch();
    }

    /** As somebody said, else as such cloth is. */
    public function thickness(): Thickness
    {
        return $this->thickness ?? $this->fabric->thickness();
    }

    /** The same, pale or not where nobody has said. */
    public function paleUnlessSaid(bool $pale): self
    {
        return $this->withPale($this->pale ?? $pale);
    }

    /** Pile is flattened, padding and vinyl melt, leather shrinks. */
    public function isSpoiledByHeat(): bool
    {
        return in_array($this->fabric, [Fabric::Plush, Fabric::Quilted, Fabric::Vinyl, Fabric::Leather], true);
    }

    /** What the needle meets first: as the catalogue says, else as the fabric is. */
    public function surface(): Surface
    {
        return $this->own ?? Surface::of($this->fabric);
    }
}
