<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What it is sewn on. */
final readonly class ClothSpec
{
    /**
     * @param bool|null    $pale whether dark backing would show through; null where nobody has said
     * @param Surface|null $own  where it is another than the fabric has by nature
     */
    public function __construct(
        public Fabric $fabric,
        public ?Stretch $stretch = null,
        public ?Thickness $thickness = null,
        public ?bool $pale = null,
        public ?Surface $own = null,
    ) {}

    /** The same, pale or not where nobody has said. */
    public function paleUnlessSaid(bool $pale): self
    {
        return new self($this->fabric, $this->stretch, $this->thickness, $this->pale ?? $pale, $this->own);
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
