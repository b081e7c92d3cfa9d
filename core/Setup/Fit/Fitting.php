<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Machine\FrameSpec;
use Hakama\Setup\Tube\AlongTube;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Turn;

/**
 * One design and the frames it may go into. How it fits each frame, each way round, is worked out once and only when
 * asked.
 */
final readonly class Fitting
{
    /** @param list<FrameSpec> $frames */
    private function __construct(
        public ConvexHull $hull,
        public array $frames,
        public float $marginMm,
        private ?AlongTube $tube,
        private FitMemory $memory,
    ) {}

    /**
     * @param list<FrameSpec>    $frames
     * @param AlongTube|null $tube   where the design goes along one
     */
    public static function of(ConvexHull $hull, array $frames, float $marginMm, ?AlongTube $tube = null): self
    {
        return new self($hull, $frames, $marginMm, $tube, new FitMemory());
    }

    public function in(FrameSpec $frame, Turn $turn): Fit
    {
        return $this->memory->fit(
            $frame,
            $turn,
            fn(): Fit => Fit::of($this->hull, $frame, $turn, $this->marginMm, $this->tube),
        );
    }

    /** The same design with one of the frames only: what was worked out is kept. */
    public function only(FrameSpec $frame): self
    {
        return $this->withFrames([$frame]);
    }

    /** @param list<FrameSpec> $frames */
    public function withFrames(array $frames): self
    {
        return new self($this->hull, $frames, $this->marginMm, $this->tube, $this->memory);
    }

    /** The same design on something else: only along a tube it fits otherwise. */
    public function alongTube(?AlongTube $tube): self
    {
        return $this->tube === null && $tube === null
            ? $this
            : self::of($this->hull, $this->frames, $this->marginMm, $tube);
    }

    public function scaled(float $across, float $up): self
    {
        return self::of($this->hull->scaled($across, $up), $this->frames, $this->marginMm, $this->tube);
    }
}
