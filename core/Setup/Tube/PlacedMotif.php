<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\Garment\End;

/** One design along a tube: how far it begins from which end. */
final readonly class PlacedMotif
{
    public function __construct(
        public string $name,
        public End $from,
        public float $widthMm,
        public float $heightMm,
        public float $atMm,
    ) {}

    public function endMm(): float
    {
        return $this->atMm + $this->heightMm;
    }

    /** The end it is measured from is the lower one. */
    public function isFromBelow(): bool
    {
        return match ($this->from) {
            End::Hem, End::Cuff, End::Waist, End::ClosedEnd => true,
            End::Neck, End::Waistband, End::Shoulder, End::Opening, End::Crown, End::Bill, End::Edge => false,
        };
    }

    public function at(End $from, float $atMm): self
    {
        return new self($this->name, $from, $this->widthMm, $this->heightMm, $atMm);
    }

    /** Smaller, rounded down to tenths. */
    public function scaled(int $percent): self
    {
        return new self(
            $this->name,
            $this->from,
            floor($this->widthMm * $percent / 10) / 10,
            floor($this->heightMm * $percent / 10) / 10,
            $this->atMm,
        );
    }

    /** @return array{width_mm: float, height_mm: float, from: string, at_mm: float} as it is written in files */
    public function written(): array
    {
        return [
            'width_mm' => $this->widthMm,
            'height_mm' => $this->heightMm,
            'from' => $this->from->value,
            'at_mm' => $this->atMm,
        ];
    }
}
