<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** Backing on the shelf: off-cuts or pieces of one size, or a roll. */
final readonly class BackingSupply
{
    /**
     * @param float $lengthMm of a piece, or what is left on a roll
     * @param int   $count    pieces of this size; rolls are counted one by one
     * @param int|null $gsm   g/m²; null where nobody has said
     */
    public function __construct(
        public string $id,
        public Backing $kind,
        public StockForm $form,
        public float $widthMm,
        public float $lengthMm,
        public int $count = 1,
        public ?int $gsm = null,
    ) {}

    /** Whether it is heavy enough, as far as both are known. */
    public function bears(?float $leastGsm): bool
    {
        return $this->gsm === null || $leastGsm === null || $this->gsm >= $leastGsm - 1e-9;
    }

    /** Whether a piece of this stock covers one of that size, either way round. */
    public function covers(float $widthMm, float $heightMm): bool
    {
        return ($widthMm <= $this->widthMm && $heightMm <= $this->lengthMm)
            || ($heightMm <= $this->widthMm && $widthMm <= $this->lengthMm);
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->lengthMm;
    }

    public function less(int $pieces): self
    {
        return new self($this->id, $this->kind, $this->form, $this->widthMm, $this->lengthMm, $this->count - $pieces, $this->gsm);
    }

    public function shorter(float $byMm): self
    {
        return new self($this->id, $this->kind, $this->form, $this->widthMm, $this->lengthMm - $byMm, $this->count, $this->gsm);
    }
}
