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
final class Fitting
{
    /** @var array<string, Fit> */
    private array $fits = [];

    /** @param list<FrameSpec> $frames */
    private function __construct(
        public readonly ConvexHull $hull,
        public readonly array $frames,
        public readonly float $marginMm,
        private readonly ?AlongTube $tube,
    ) {}

    /**
     * @param list<FrameSpec>    $frames
     * @param AlongTube|null $tube   where the design goes along one
     */
    public static function of(ConvexHull $hull, array $frames, float $marginMm, ?AlongTube $tube = null): self
    {
        return new self($hull, $frames, $marginMm, $tube);
    }

    public function in(FrameSpec $frame, Turn $turn): Fit
    {
        return $this->fits["{$frame->id} {$turn->value}"] ??= Fit::of(
            $this->hull,
            $frame,
            $turn,
            $this->marginMm,
            $this->tube,
        );
    }

    /** The same design with one of the frames only: what was worked out is kept. */
    public function only(FrameSpec $frame): self
    {
        $one = new self($this->hull, [$frame], $this->marginMm, $this->tube);
        $one->fits = $this->fits;

        return $one;
    }
}
