<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** A garment of the catalogue: what it is, what it is made of, and its measures by size. What is null is not known. */
final readonly class Style
{
    /** @param array<string, Measures> $measures size => measures */
    public function __construct(
        public string $name,
        public Garment $garment,
        public ClothSpec $cloth,
        public Structure $structure = Structure::None,
        public Profile $profile = Profile::None,
        public ?int $unitValueCents = null,
        public array $measures = [],
    ) {}

    public function on(Size $size): Measures
    {
        return $this->measures[$size->value] ?? new Measures();
    }
}
