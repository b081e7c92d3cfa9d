<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Machine\Driver;
use Hakama\Machine\PanelHabits;

/** What it is sewn with: one machine, or what the shop's machines have between them. */
final readonly class OnMachine
{
    /**
     * @param list<Driver> $drivers
     * @param bool         $armIsEstimated   its width is the house's, not its own
     * @param bool|null    $turnsCapsItself  whether it turns the design when the cap frame is chosen
     * @param bool|null    $gapUnderCarriage whether cloth may hang between carriage and arm
     */
    public function __construct(
        public array $drivers,
        public ?int $needles = null,
        public ?float $armWidthMm = null,
        public ?bool $turnsCapsItself = null,
        public ?bool $gapUnderCarriage = null,
        public bool $armIsEstimated = false,
        public PanelHabits $panel = new PanelHabits(),
    ) {}

    /** @param list<Driver> $drivers */
    public function withDrivers(array $drivers): self
    {
        return new self(
            $drivers,
            $this->needles,
            $this->armWidthMm,
            $this->turnsCapsItself,
            $this->gapUnderCarriage,
            $this->armIsEstimated,
            $this->panel,
        );
    }

    public function turningCaps(bool $turns): self
    {
        return new self(
            $this->drivers,
            $this->needles,
            $this->armWidthMm,
            $turns,
            $this->gapUnderCarriage,
            $this->armIsEstimated,
            $this->panel,
        );
    }

    public function withOwnArm(float $widthMm): self
    {
        return new self(
            $this->drivers,
            $this->needles,
            $widthMm,
            $this->turnsCapsItself,
            $this->gapUnderCarriage,
            panel: $this->panel,
        );
    }

    /** The same with an arm of this width, where its own is not known. */
    public function withArm(?float $widthMm): self
    {
        return new self(
            $this->drivers,
            $this->needles,
            $this->armWidthMm ?? $widthMm,
            $this->turnsCapsItself,
            $this->gapUnderCarriage,
            $this->armIsEstimated || ($this->armWidthMm === null && $widthMm !== null),
            $this->panel,
        );
    }
}
