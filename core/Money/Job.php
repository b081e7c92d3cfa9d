<?php

declare(strict_types=1);

namespace Hakama\Money;

/** So many garments with their decorations: what is asked a price of. */
final readonly class Job
{
    /**
     * @param int        $blank      cents a garment costs the shop; 0 when the customer brings it
     * @param int        $blankValue cents one costs to replace, whoever brings it
     * @param int        $artwork    cents, once
     * @param list<Work> $works
     */
    public function __construct(
        public int $pieces,
        public int $blank,
        public int $blankValue,
        public int $artwork,
        public array $works,
    ) {}

    public function of(int $pieces): self
    {
        return new self($pieces, $this->blank, $this->blankValue, $this->artwork, $this->works);
    }

    /** With one work as it would be otherwise. */
    public function with(int $which, Work $instead): self
    {
        $works = $this->works;
        $works[$which] = $instead;

        return new self($this->pieces, $this->blank, $this->blankValue, $this->artwork, array_values($works));
    }

    public function without(int $which): self
    {
        $works = $this->works;
        unset($works[$which]);

        return new self($this->pieces, $this->blank, $this->blankValue, $this->artwork, array_values($works));
    }
}
