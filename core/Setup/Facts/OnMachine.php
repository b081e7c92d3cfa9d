<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Machine\Driver;

/** What it is sewn with: one machine, or what the shop's machines have between them. */
final readonly class OnMachine
{
    /**
     * @param list<Driver> $drivers
     * @param bool|null    $turnsCapsItself  whether it turns the design when the cap frame is chosen
     * @param bool|null    $gapUnderCarriage whether cloth may hang between carriage and arm
     */
    public function __construct(
        public array $drivers,
        public ?int $needles = null,
        public ?float $armWidthMm = null,
        public ?bool $turnsCapsItself = null,
        public ?bool $gapUnderCarriage = null,
    ) {}

    /** The same with an arm of this width, where its own is not known. */
    public function withArm(?float $widthMm): self
    {
        return new self(
            $this->drivers,
            $this->needles,
            $this->armWidthMm ?? $widthMm,
            $this->turnsCapsItself,
            $this->gapUnderCarriage,
        );
    }
}
