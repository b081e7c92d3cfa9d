<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** A frame with how it fits and what it costs to use it. */
final readonly class RankedFrame
{
    /** @param bool $goesIn whether the garment is wide enough for it */
    public function __construct(
        public Fit $fit,
        public Change $change,
        public bool $goesIn = true,
    ) {}

    /** Whether the design fits the frame and the frame the garment. */
    public function fits(): bool
    {
        return $this->goesIn && $this->fit->fits();
    }

    /** @return array{int, int, float, string} lower is better */
    public function rank(): array
    {
        $window = $this->fit->frame->window;

        return [
            $this->fits() ? 0 : 1,
            $this->change->value,
            $window->widthMm * $window->heightMm,
            $this->fit->frame->id,
        ];
    }
}
