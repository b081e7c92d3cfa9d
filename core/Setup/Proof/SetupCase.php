<?php

declare(strict_types=1);

namespace Hakama\Setup\Proof;

use Hakama\House\HouseRules;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Outcome;

/** All that a piece of advice is worked out from: the decoration, the house, and the frames there are. */
final readonly class SetupCase
{
    /** @param bool $isBox of the design only its box is known */
    private function __construct(
        public Facts $facts,
        public HouseRules $house,
        private ?Fitting $fitting,
        private ?FrameSpec $mounted,
        private bool $isBox,
    ) {}

    /** @param list<FrameSpec>|Fitting|null $frames to choose among; null when that is not asked */
    public static function of(
        Facts $facts,
        HouseRules $house,
        array|Fitting|null $frames = null,
        ?FrameSpec $mounted = null,
    ): self {
        return new self(
            $facts,
            $house,
            is_array($frames) ? Outcome::fitting($facts, $house, $frames) : $frames,
            $mounted,
            is_array($frames),
        );
    }

    public function advice(): Advice
    {
        return Advice::of($this->facts, $this->house, $this->fitting, $this->mounted);
    }

    /** Without the words for it. */
    public function outcome(): Outcome
    {
        return Outcome::of($this->facts, $this->house, $this->fitting, $this->mounted);
    }

    /** @return list<FrameSpec>|null null where they were not asked about */
    public function frames(): ?array
    {
        return $this->fitting?->frames;
    }

    /** @param list<FrameSpec> $frames */
    public function withFrames(array $frames): self
    {
        return new self(
            $this->facts,
            $this->house,
            $this->fitting?->withFrames($frames) ?? Outcome::fitting($this->facts, $this->house, $frames),
            $this->mounted,
            $this->isBox || $this->fitting === null,
        );
    }

    /** Other facts; where the design has another size, its shape is scaled with it. */
    public function withFacts(Facts $facts): self
    {
        [$was, $is] = [$this->facts->design, $facts->design];
        $isSame = abs($was->widthMm - $is->widthMm) + abs($was->heightMm - $is->heightMm) < 1e-9
            && $was->bands === $is->bands;
        $fitting = match (true) {
            $this->fitting === null => null,
            $isSame => $this->fitting->alongTube($facts->along($this->house)),
            // A box is drawn anew, around whatever lies in it; a shape that is known is scaled.
            $this->isBox => Outcome::fitting($facts, $this->house, $this->fitting->frames),
            default => $this->fitting->scaled($is->widthMm / $was->widthMm, $is->heightMm / $was->heightMm),
        };

        return new self($facts, $this->house, $fitting, $this->mounted, $this->isBox);
    }

    public function withHouse(HouseRules $house): self
    {
        return new self($this->facts, $house, $this->fitting, $this->mounted, $this->isBox);
    }
}
